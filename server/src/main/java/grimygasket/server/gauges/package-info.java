/** From readings to judgements, alone or within a call. */
package grimygasket.server.gauges;
