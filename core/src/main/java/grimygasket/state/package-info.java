/** What follows from a call: all that is shown of it, and nothing that anybody entered only to be shown. */
@NullMarked
package grimygasket.state;

import org.jspecify.annotations.NullMarked;
