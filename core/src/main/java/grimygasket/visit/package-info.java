/**
 * The order of a visit, as a ring of segments: what each needs before it is sealed, and what is missing, in words.
 */
package grimygasket.visit;
