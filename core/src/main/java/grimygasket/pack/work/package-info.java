/** How work is done: steps, cautions, remedies, proofs, parts, upkeep, and who may do it. */
package grimygasket.pack.work;
