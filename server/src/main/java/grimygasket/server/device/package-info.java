/** What a device holds of calls, so that it can conclude by itself. */
package grimygasket.server.device;
