/** Gauges of time and money: what it costs, whether it is worth it, when to come again. */
package grimygasket.gauge.business;
