package grimygasket.diagnosis.belief;

/** Sets of up to 64 things as bits. In a browser a long is slow, an int is not: they are taken apart by halves. */
public final class Bits {
    private Bits() {}

    /** What a figure of each thing of a set comes to, added up in the order of the things. */
    public static double sum(long set, double[] figures) {
        double sum = 0;
        for (int left = (int) set; left != 0; left &= left - 1) {
            sum += figures[Integer.numberOfTrailingZeros(left)];
        }
        for (int left = (int) (set >>> Integer.SIZE); left != 0; left &= left - 1) {
            sum += figures[Integer.SIZE + Integer.numberOfTrailingZeros(left)];
        }
        return sum;
    }
}
