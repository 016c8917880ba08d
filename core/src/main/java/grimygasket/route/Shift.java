package grimygasket.route;

import org.jspecify.annotations.Nullable;

/**
 * A working day.
 *
 * @param from minute of the day on which the vans leave, 0 to 1439
 * @param until minute of the day by which they should be back, {@code from} to 1439
 * @param home where they leave from; null where nobody has said
 */
public record Shift(int from, int until, @Nullable Location home) {}
