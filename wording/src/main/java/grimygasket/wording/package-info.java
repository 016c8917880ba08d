/** What the core says as data, in English sentences. */
package grimygasket.wording;
