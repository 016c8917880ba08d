/**
 * JSON of records, written at compile time. A record is an object with its components as members; one of a sealed type says which
 * it is in its member {@code kind}, its name with hyphens; what is null is left out.
 */
package grimygasket.codec;
