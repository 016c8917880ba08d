/** Customers with their machines: lists, files in and out, what is due, and what a machine had before. */
package grimygasket.server.homes;
