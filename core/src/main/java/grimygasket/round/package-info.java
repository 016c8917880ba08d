/** A day's calls: in one line each, with what to load for them, and how the day is expected to go. */
package grimygasket.round;
