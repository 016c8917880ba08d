package grimygasket.cadence;

/**
 * How dirty something was after a known time.
 *
 * @param days since it was last cleaned, at least 1
 * @param blocked share of its opening that was blocked, over 0 to 1
 */
public record Dirt(int days, double blocked) {
    /** Half of the opening gone is when it should have been cleaned. */
    private static final double THRESHOLD = 0.5;

    public Dirt {
        if (days < 1) {
            throw new IllegalArgumentException("dirt gathers over a day or more, not " + days);
        }
        if (!(blocked > 0 && blocked <= 1)) {
            throw new IllegalArgumentException("the blocked share must lie over 0 and up to 1, but is " + blocked);
        }
    }

    /**
     * Days after which half of the opening would be gone, were it to fill evenly:
     * {@code next = elapsed · threshold / found}. Seen once, it counts as much as the calendar: the two are blended by
     * their geometric mean.
     *
     * @param calendarDays what the calendar says, over 0
     */
    double blend(double calendarDays) {
        return Math.sqrt(calendarDays * days * THRESHOLD / blocked);
    }
}
