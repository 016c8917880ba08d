package grimygasket.route;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A visit that is still to be made.
 *
 * @param id of the visit
 * @param at where the home stands; null where nobody has said
 * @param window between which times somebody was promised to come
 * @param minutes expected at work there, 0 or more
 * @param spread standard deviation of these minutes, 0 or more
 */
public record Stop(UUID id, @Nullable Location at, Window window, double minutes, double spread) {}
