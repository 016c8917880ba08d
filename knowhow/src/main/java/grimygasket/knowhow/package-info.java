/** Know-how as texts: read into the core's packs, compared and edited. */
package grimygasket.knowhow;
