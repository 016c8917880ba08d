/** Gauges of suction, ducts, filters and drying. */
package grimygasket.gauge.air;
