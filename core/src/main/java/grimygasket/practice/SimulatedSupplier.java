package grimygasket.practice;

/**
 * A supplier that is made up, to try orders without one. Asked again about an order, it answers the same. Most parts come on the next
 * working day. Some come later, and of some only half comes at first. How often is made up, too.
 */
public final class SimulatedSupplier {
    private static final double LATE = 0.2;
    private static final double IN_PART = 0.2;

    /** Working days until something comes. */
    private static final int SOON = 1;

    private static final int LATER = 6;
    private static final int REST = 4;

    private static final int WEEK = 7;
    private static final int WORKING = 5;
    /** The first day of 1970 was a Thursday; weeks begin on Monday. */
    private static final int DAYS_SINCE_MONDAY = 3;

    private SimulatedSupplier() {}

    /**
     * What it says to a line of an order.
     *
     * @param day on which it comes, since 1970
     * @param inBox how many come on that day
     */
    public record Delivery(long day, int inBox) {}

    /**
     * @param order its number
     * @param part its number
     * @param ordered how many, 1 or more
     * @param today since 1970
     */
    public static Delivery of(long order, String part, int ordered, long today) {
        var draws = Draws.of(order);
        if (draws.happens("late " + part, LATE)) {
            return new Delivery(workingDay(today, LATER), ordered);
        }
        boolean inPart = draws.happens("in part " + part, IN_PART);
        return new Delivery(workingDay(today, SOON), inPart ? (ordered + 1) / 2 : ordered);
    }

    /** What was not in the box comes all at once. */
    public static Delivery ofRest(int left, long today) {
        return new Delivery(workingDay(today, REST), left);
    }

    /** So many working days after a day; nothing is sent at weekends. */
    private static long workingDay(long from, int after) {
        long day = from;
        for (int left = after; left > 0; ) {
            day++;
            if (Math.floorMod(day + DAYS_SINCE_MONDAY, WEEK) < WORKING) {
                left--;
            }
        }
        return day;
    }
}
