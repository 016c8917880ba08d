/**
 * What is known of a visit from its lines and findings: what was opened, what lies where, what to advise.
 */
package grimygasket.visit;
