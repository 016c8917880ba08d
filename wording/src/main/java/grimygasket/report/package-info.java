/** What a customer is given of a call: made of its state, in words. */
@NullMarked
package grimygasket.report;

import org.jspecify.annotations.NullMarked;
