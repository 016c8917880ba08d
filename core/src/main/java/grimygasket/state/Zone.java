package grimygasket.state;

import java.util.List;

/** The time of day where the business works. */
@FunctionalInterface
public interface Zone {
    long MILLIS_OF_A_MINUTE = 60_000;
    int MINUTES_OF_A_DAY = 24 * 60;

    /**
     * How far its clocks are ahead of universal time.
     *
     * @param at in milliseconds since 1970
     * @return minutes, negative where they are behind
     */
    int offset(long at);

    /**
     * By the changes of its clocks.
     *
     * @param changes earliest first, at least one; before it the clocks are taken to have gone as after it
     */
    static Zone of(List<ClockChange> changes) {
        if (changes.isEmpty()) {
            throw new IllegalArgumentException("changes is empty: a zone has one offset at least");
        }
        return at -> {
            int offset = changes.get(0).offset();
            for (var change : changes) {
                if (change.at() <= at) {
                    offset = change.offset();
                }
            }
            return offset;
        };
    }

    /**
     * Which day it was.
     *
     * @param at in milliseconds since 1970
     * @return days since 1970
     */
    default long day(long at) {
        return Math.floorDiv(minutes(at), MINUTES_OF_A_DAY);
    }

    /**
     * What the clock showed.
     *
     * @param at in milliseconds since 1970
     * @return minutes since midnight, 0 to 1439
     */
    default int minuteOfDay(long at) {
        return Math.floorMod(minutes(at), MINUTES_OF_A_DAY);
    }

    private long minutes(long at) {
        return Math.floorDiv(at, MILLIS_OF_A_MINUTE) + offset(at);
    }
}
