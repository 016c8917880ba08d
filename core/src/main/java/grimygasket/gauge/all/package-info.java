/** All gauges that there are. */
package grimygasket.gauge.all;
