/** Simulated devices and services that ship with the application, and say that they are. */
package grimygasket.server.simulation;
