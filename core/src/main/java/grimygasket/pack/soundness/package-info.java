/** What a pack leaves unsaid, and what in it could hurt somebody. */
package grimygasket.pack.soundness;
