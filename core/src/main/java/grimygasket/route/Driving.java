package grimygasket.route;

import org.jspecify.annotations.Nullable;

/** How long a drive takes, by a simple model: the way as the crow flies, a detour, one speed, and time to park. All of it is estimated. */
public final class Driving {
    /** Roads are so much longer than the way as the crow flies: estimate. */
    private static final double DETOUR = 1.35;
    /** Over town and country, lights and queues: estimate. */
    private static final double KILOMETRES_AN_HOUR = 40;
    /** To park and get to the door: estimate. */
    private static final double PARKING_MINUTES = 4;
    /** Where one end is not known: estimate. */
    private static final double USUAL_MINUTES = 20;
    /** Standard deviation of a drive, as a share of it: estimate. */
    private static final double SPREAD = 0.25;

    private Driving() {}

    /** Minutes from door to door; 0 from a home to itself. */
    public static double minutes(@Nullable Location from, @Nullable Location to) {
        if (from == null || to == null) {
            return USUAL_MINUTES;
        }
        return from.equals(to) ? 0 : PARKING_MINUTES + 60 * DETOUR * from.kilometres(to) / KILOMETRES_AN_HOUR;
    }

    static double spread(double minutes) {
        return SPREAD * minutes;
    }
}
