package grimygasket.diagnosis.story;

/**
 * What a remedy makes the technician wait for, and how that is best borne.
 *
 * @param way how
 * @param minutes that pass until it can go on: a day of drying is a day
 * @param charged minutes of the technician that it costs, 0 or more
 */
public record Waiting(Way way, double minutes, double charged) {
    public static final Waiting NONE = new Waiting(Way.NONE, 0, 0);

    public enum Way {
        NONE,
        /** Wait for it to dry. */
        WAIT,
        /** A dry spare goes in; what was washed dries in the home. */
        SPARE,
        /** The customer puts it back when it is dry. */
        LEAVE,
        /** Come back when it is dry. */
        RETURN_DRY,
        /** Come back with the part that is not on board. */
        RETURN_PART,
        /** Somebody who is qualified for it comes instead. */
        HANDED_ON
    }
}
