/**
 * The record of a call, and what it is held against. A {@link grimygasket.call.Call} holds facts only and never changes; a command
 * ({@code call.change}) made on any device makes the next one of it, or says why not. What follows from the facts is computed by
 * {@code diagnosis} and {@code visit}.
 */
package grimygasket.call;
