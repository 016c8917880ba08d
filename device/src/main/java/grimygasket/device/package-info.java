/** The core as the browser calls it. */
@NullMarked
package grimygasket.device;

import org.jspecify.annotations.NullMarked;
