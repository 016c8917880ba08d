/** What parts are told apart by, and how many of them to order. */
package grimygasket.stock;
