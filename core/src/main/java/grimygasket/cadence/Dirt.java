package grimygasket.cadence;

import grimygasket.util.Unfit;

/**
 * How dirty something was after a known time.
 *
 * @param days since it was last cleaned, at least 1
 * @param blocked share of its opening that was blocked, over 0 to 1
 */
public record Dirt(int days, double blocked) {
    /** Half of the opening gone is when it should have been cleaned. */
    public static final double THRESHOLD = 0.5;

    public Dirt {
        if (days < 1) {
            throw new Unfit("dirt gathers over a day or more, not " + days);
        }
        if (!(blocked > 0 && blocked <= 1)) {
            throw new Unfit("the blocked share must lie over 0 and up to 1, but is " + blocked);
        }
    }

    /**
     * Days after which half of the opening would be gone, were it to fill evenly:
     * {@code next = elapsed · threshold / found}, field guide, section 5. What was seen n times counts n times as much as
     * the calendar: the two are blended by their weighted geometric mean.
     *
     * @param calendarDays what the calendar says, over 0
     * @param times how often it was seen in this home, at least 1
     */
    public double blend(double calendarDays, int times) {
        double byDirt = days * THRESHOLD / blocked;
        return Math.pow(calendarDays * Math.pow(byDirt, times), 1.0 / (times + 1));
    }
}
