/** When something is to be cleaned or replaced next. */
package grimygasket.cadence;
