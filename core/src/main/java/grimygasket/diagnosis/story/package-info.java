/** What was told, seen, checked and done, in its order: which of it counts, and what it leaves to be trusted. */
package grimygasket.diagnosis.story;
