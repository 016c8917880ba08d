/** Amounts to the cent. */
package grimygasket.money;
