/** Every way to change a call: commands, what they make of one, and why they are refused. */
package grimygasket.call.change;
