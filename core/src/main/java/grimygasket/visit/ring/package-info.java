/** The segments of a visit: what each needs before it is sealed, what is missing, and who may leave it open. */
package grimygasket.visit.ring;
