/** Customers on file, and how they are found. */
package grimygasket.server.customers;
