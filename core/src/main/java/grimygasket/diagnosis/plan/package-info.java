/** What to do next: the order of the cures, the questions and checks worth their time before, and why. */
package grimygasket.diagnosis.plan;
