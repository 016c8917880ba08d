/** Machines that are only simulated, to practise on and to try things without a van. */
package grimygasket.practice;
