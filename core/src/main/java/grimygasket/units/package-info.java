/** Quantities with their units in both families, and values with a spread. */
package grimygasket.units;
