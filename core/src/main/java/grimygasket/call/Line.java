package grimygasket.call;

import grimygasket.visit.line.JobLine;
import java.util.UUID;

/**
 * A line of a call's job sheet.
 *
 * @param at in milliseconds since 1970
 * @param by name of whoever entered it
 * @param version 1 for one that was never changed
 */
public record Line<T extends JobLine<T>>(UUID id, long at, String by, int version, T what) {
    /** The same line, entered by whoever entered it first. */
    public Line<T> earlier(Line<?> mine) {
        return Order.isBefore(mine.at, mine.id, at, id)
                ? new Line<>(mine.id, mine.at, mine.by, version + 1, what)
                : new Line<>(id, at, by, version + 1, what);
    }

    public Line<T> saying(T other) {
        return new Line<>(id, at, by, version + 1, other);
    }
}
