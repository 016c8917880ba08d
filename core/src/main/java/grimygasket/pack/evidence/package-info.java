/** What tells faults apart: symptoms, facts, codes and checks, and where their numbers come from. */
package grimygasket.pack.evidence;
