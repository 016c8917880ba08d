/** What know-how leaves unsaid, and what in it could hurt whoever follows it. */
package grimygasket.pack.soundness;
