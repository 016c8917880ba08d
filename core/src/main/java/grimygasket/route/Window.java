package grimygasket.route;

import grimygasket.util.Unfit;

/**
 * Between which times somebody was promised to come.
 *
 * @param from minute of the day, 0 to 1439
 * @param until minute of the day, {@code from} to 1439
 */
public record Window(int from, int until) {
    private static final int LAST_MINUTE = 24 * 60 - 1;

    public Window {
        if (from < 0 || until > LAST_MINUTE || from > until) {
            throw new Unfit("somebody comes between two times of one day, the earlier first, not from minute " + from
                    + " to " + until);
        }
    }
}
