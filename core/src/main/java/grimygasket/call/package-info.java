/**
 * The record of a call, and every way to change it. A {@link grimygasket.call.Call} holds facts only and never changes; a
 * {@link grimygasket.call.Command} made on any device becomes the next one, or says why not. What follows from the facts is
 * computed by {@code diagnosis} and {@code visit}.
 */
package grimygasket.call;
