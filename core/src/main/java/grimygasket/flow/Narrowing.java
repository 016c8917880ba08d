package grimygasket.flow;

/**
 * Narrow places in a line. When it is clean each of its stations takes an equal part of the loss; where only a share
 * {@code a} of the opening is left, the station takes {@code 1/a²} of its part.
 *
 * <p>Source: field guide, section 5 (a screen with open share a adds loss as 1/a²); that the stations share evenly is our
 * assumption.
 */
public final class Narrowing {
    /** Less is closed. */
    private static final double CLOSED = 1e-3;

    private Narrowing() {}

    /**
     * How many times its clean resistance a line has.
     *
     * @param stations in the line, 1 or more
     * @param open share that is left at each of the narrow ones, 0 to 1; those not named are clean
     * @return 1 or more; infinite when closed
     */
    public static double resistance(int stations, double... open) {
        double parts = stations - open.length;
        for (double share : open) {
            if (!(share >= 0 && share <= 1)) {
                throw new IllegalArgumentException("an open share must lie between 0 and 1, but is " + share);
            }
            parts += share < CLOSED ? Double.POSITIVE_INFINITY : 1 / share / share;
        }
        return parts / stations;
    }

    /**
     * The inverse for one narrow place: the share of it that is open.
     *
     * @param resistance as a multiple of the clean line's, 1 or more
     */
    public static double open(int stations, double resistance) {
        return Math.min(1, 1 / Math.sqrt(1 + stations * (Math.max(1, resistance) - 1)));
    }
}
