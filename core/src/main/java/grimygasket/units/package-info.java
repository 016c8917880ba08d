/** Quantities with their units in both systems, and values with a standard uncertainty. */
package grimygasket.units;
