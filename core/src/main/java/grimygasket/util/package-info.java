/** What every record checks its arguments with, and copies that nobody can change. */
package grimygasket.util;
