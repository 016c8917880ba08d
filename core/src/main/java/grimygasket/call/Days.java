package grimygasket.call;

/** Days since 1970, as calls are planned for them. */
final class Days {
    private static final long MILLIS = 86_400_000L;

    /** Some ten years: nobody plans a call further away. */
    private static final long MOST = 3_653;

    private Days() {}

    /**
     * Whether a call may be planned for a day.
     *
     * @param now in milliseconds since 1970
     */
    static boolean isNear(long day, long now) {
        long today = Math.floorDiv(now, MILLIS);
        return day >= today - MOST && day <= today + MOST;
    }
}
