/** What people say, and what of the know-how they mean by it. */
package grimygasket.words;
