/** What may be wrong with a machine, as sets of faults, and how likely findings are under each of them. */
package grimygasket.diagnosis.belief;
