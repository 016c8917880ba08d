/** What has to be ordered: for minimum counts, for calls that wait, and for what the diagnosis expects; and what was ordered. */
package grimygasket.server.orders;
