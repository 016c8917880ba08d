/** The kinds of lines of a job sheet, and how two changes of one merge. */
package grimygasket.visit.line;
