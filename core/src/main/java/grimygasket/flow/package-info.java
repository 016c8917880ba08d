/** What pumps, fans, hoses and ducts do when a place on the way is too narrow. */
package grimygasket.flow;
