package grimygasket.pack.work;

/** How a technician sets the date of the next cleaning: what a choice of a {@link School} may stand for. */
public enum CleaningCalendar {
    SHORT,
    LONG,
    /** By what is found; as long as nothing has been found yet, from the middle of the two calendars on. */
    FOUND
}
