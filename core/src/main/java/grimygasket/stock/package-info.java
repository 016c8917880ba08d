/** What parts are told apart by. */
package grimygasket.stock;
