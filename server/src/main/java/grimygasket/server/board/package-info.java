/** Everybody's day beside one another, and a plan for all of them together. */
package grimygasket.server.board;
