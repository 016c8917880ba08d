package grimygasket.pack;

/**
 * Screws of one kind.
 *
 * @param drive what turns them, for example "T20" or "cross 2"
 * @param thread for example "coarse, for plastic" or "M4"; blank where nobody has said
 * @param lengthMm in millimetres, 1 to 200; 0 where it is not measured
 * @param count how many, 1 to 99
 */
public record Screws(String drive, String thread, double lengthMm, int count) {
    private static final double LONGEST = 200;
    private static final int MOST = 99;

    public Screws {
        Range.text("drive of the screws", drive);
        thread = thread == null ? "" : thread;
        Range.between("length of the screws", lengthMm, 0, LONGEST);
        Range.between("count of the screws", count, 1, MOST);
    }

    /** Whether both may lie in one cup: one could be taken for the other without harm. */
    public boolean sameKind(Screws other) {
        return drive.equals(other.drive) && thread.equals(other.thread) && lengthMm == other.lengthMm;
    }
}
