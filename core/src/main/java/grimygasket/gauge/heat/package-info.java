/** Gauges of elements, their supply, and a dryer's heat. */
package grimygasket.gauge.heat;
