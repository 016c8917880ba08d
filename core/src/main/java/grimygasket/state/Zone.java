package grimygasket.state;

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
