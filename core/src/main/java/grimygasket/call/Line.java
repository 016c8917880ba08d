package grimygasket.call;

import grimygasket.visit.JobLine;
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
    Line<T> earlier(Line<?> mine) {
        boolean isEarlier = mine.at != at ? mine.at < at : mine.id.compareTo(id) < 0;
        return isEarlier
                ? new Line<>(mine.id, mine.at, mine.by, version + 1, what)
                : new Line<>(id, at, by, version + 1, what);
    }

    Line<T> saying(T other) {
        return new Line<>(id, at, by, version + 1, other);
    }
}
