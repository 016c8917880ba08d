package grimygasket.cadence;

import grimygasket.pack.work.Cadence;
import grimygasket.pack.work.CleaningCalendar;
import org.jspecify.annotations.Nullable;

/** From one cleaning to the next. */
public final class Interval {
    private Interval() {}

    /**
     * Days to the next time: the calendar's, never past the cadence's limit. The middle is the geometric mean, as a
     * fortnight and half a year lie a factor apart rather than a difference. What was found shifts it, only for the
     * calendar that goes by it, and never for what is done at every use.
     *
     * @param found how dirty it was; null where nobody knows
     * @return 0 for every use
     */
    public static int days(CleaningCalendar calendar, Cadence cadence, @Nullable Dirt found) {
        double days = switch (calendar) {
            case SHORT -> cadence.shortDays();
            case LONG -> cadence.longDays();
            case FOUND -> byWhatIsFound(cadence, found);
        };
        return (int) Math.round(cadence.limitDays() > 0 ? Math.min(days, cadence.limitDays()) : days);
    }

    private static double byWhatIsFound(Cadence cadence, @Nullable Dirt found) {
        double middle = Math.sqrt((double) cadence.shortDays() * cadence.longDays());
        return found == null || middle == 0 ? middle : Math.max(1, found.blend(middle, 1));
    }
}
