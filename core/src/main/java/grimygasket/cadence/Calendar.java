package grimygasket.cadence;

import grimygasket.pack.Cadence;
import java.util.Collection;

/** How a technician sets the next date, a school of practitioners. */
public enum Calendar {
    SHORT,
    LONG,
    /** By what is found; as long as nothing has been found yet, from the middle of the two calendars on. */
    FOUND;

    /** The school's id in the packs. */
    private static final String SCHOOL = "how-often";

    /** The calendar among some traits; {@link #FOUND} if they name none. */
    public static Calendar of(Collection<String> traits) {
        for (var calendar : values()) {
            if (traits.contains(SCHOOL + "=" + calendar.name().toLowerCase())) {
                return calendar;
            }
        }
        return FOUND;
    }

    /**
     * Days to the next time: the calendar's, never past the cadence's limit. The middle is the geometric mean, as a
     * fortnight and half a year lie a factor apart rather than a difference.
     *
     * @return 0 for every use
     */
    public int days(Cadence cadence) {
        int days = switch (this) {
            case SHORT -> cadence.shortDays();
            case LONG -> cadence.longDays();
            case FOUND -> (int) Math.round(Math.sqrt((double) cadence.shortDays() * cadence.longDays()));
        };
        return cadence.limitDays() > 0 ? Math.min(days, cadence.limitDays()) : days;
    }
}
