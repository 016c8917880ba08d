/** What a rating plate says, from the text that was read off a photo of it. */
package grimygasket.plate;
