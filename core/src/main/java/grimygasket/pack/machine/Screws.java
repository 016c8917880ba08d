package grimygasket.pack.machine;

import grimygasket.util.Arguments;

/**
 * Screws of one kind that hold a piece.
 *
 * @param drive what turns them, for example "T20" or "Phillips #2"
 * @param thread for example "coarse, for plastic" or "M4"; blank where nobody has said
 * @param lengthMm in millimetres, 1 to 200; 0 where it is not measured
 * @param count how many, 1 to 99
 * @param place where on the piece they sit, for example "lower quarter"; blank where they are the only ones
 * @param leftHand whether they come loose to the right
 */
public record Screws(String drive, String thread, double lengthMm, int count, String place, boolean leftHand) {
    private static final double LONGEST = 200;
    private static final int MOST = 99;

    public Screws {
        Arguments.text("drive of the screws", drive);
        thread = thread == null ? "" : thread;
        place = place == null ? "" : place;
        Arguments.between("length of the screws", lengthMm, 0, LONGEST);
        Arguments.between("count of the screws", count, 1, MOST);
    }

    /** Whether both may lie in one cup: one could be taken for the other without harm. */
    public boolean sameKind(Screws other) {
        return drive.equals(other.drive)
                && thread.equals(other.thread)
                && lengthMm == other.lengthMm
                && leftHand == other.leftHand;
    }
}
