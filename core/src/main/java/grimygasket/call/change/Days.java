package grimygasket.call.change;

/** Days since 1970, as calls are planned for them. */
public final class Days {
    private static final long MILLIS = 86_400_000L;

    /** Some ten years: nobody plans a call further away. */
    private static final long MOST = 3_653;

    private Days() {}

    /** The day of an instant in milliseconds since 1970, in Greenwich. */
    public static long of(long instant) {
        return Math.floorDiv(instant, MILLIS);
    }

    /**
     * Whether a call may be planned for a day, or something of a call have been on it.
     *
     * @param now in milliseconds since 1970
     */
    public static boolean isNear(long day, long now) {
        long today = of(now);
        return day >= today - MOST && day <= today + MOST;
    }
}
