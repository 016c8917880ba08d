/** Gauges of filling, draining, heating from the tap, and what the water is like. */
package grimygasket.gauge.water;
