/** From what is read or measured to what it means. */
package grimygasket.gauge;
