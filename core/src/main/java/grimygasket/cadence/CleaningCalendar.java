package grimygasket.cadence;

import grimygasket.pack.Cadence;
import java.util.Collection;

/** How a technician sets the next date, a school of practitioners. */
public enum CleaningCalendar {
    SHORT,
    LONG,
    /** By what is found; as long as nothing has been found yet, from the middle of the two calendars on. */
    FOUND;

    /** The school's id in the packs. */
    private static final String SCHOOL = "how-often";

    /** The calendar among some traits; {@link #FOUND} if they name none. */
    public static CleaningCalendar of(Collection<String> traits) {
        for (var calendar : values()) {
            if (traits.contains(SCHOOL + "=" + calendar.name().toLowerCase())) {
                return calendar;
            }
        }
        return FOUND;
    }

    /** Days to the next time where nothing was found, see {@link #days(Cadence, Dirt)}. */
    public int days(Cadence cadence) {
        return days(cadence, null);
    }

    /**
     * Days to the next time: the calendar's, never past the cadence's limit. The middle is the geometric mean, as a
     * fortnight and half a year lie a factor apart rather than a difference. What was found shifts it, only for the
     * school that goes by it, and never for what is done at every use.
     *
     * @param found how dirty it was; null where nobody knows
     * @return 0 for every use
     */
    public int days(Cadence cadence, Dirt found) {
        double days = switch (this) {
            case SHORT -> cadence.shortDays();
            case LONG -> cadence.longDays();
            case FOUND -> byWhatIsFound(cadence, found);
        };
        return (int) Math.round(cadence.limitDays() > 0 ? Math.min(days, cadence.limitDays()) : days);
    }

    private static double byWhatIsFound(Cadence cadence, Dirt found) {
        double middle = Math.sqrt((double) cadence.shortDays() * cadence.longDays());
        return found == null || middle == 0 ? middle : Math.max(1, found.blend(middle, 1));
    }
}
