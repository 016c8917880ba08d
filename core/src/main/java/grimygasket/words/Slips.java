package grimygasket.words;

/**
 * Whether a word is another one with a slip of the finger in it: a letter left out, doubled, swapped with its neighbour, or a neighbour on
 * the keyboard instead. Two other words that differ by a letter are mostly just that: "still" is not "spill".
 *
 * <p>Source: the four kinds of slip are those of Damerau, A technique for computer detection and correction of spelling errors, 1964; that
 * a wrong letter is one of those beside it is an estimate.
 */
final class Slips {
    /** So many letters a word has at least. */
    private static final int SHORTEST = 5;

    private static final String[] ROWS = {"qwertyuiop", "asdfghjkl", "zxcvbnm"};

    private Slips() {}

    static boolean isSlip(String said, String meant) {
        if (Math.min(said.length(), meant.length()) < SHORTEST || said.charAt(0) != meant.charAt(0)) {
            return false;
        }
        return switch (said.length() - meant.length()) {
            case 0 -> isSwapped(said, meant) || isBeside(said, meant);
            case 1 -> isWithOneMore(said, meant);
            case -1 -> isWithOneMore(meant, said);
            default -> false;
        };
    }

    private static int firstOther(String one, String other) {
        int i = 0;
        while (i < Math.min(one.length(), other.length()) && one.charAt(i) == other.charAt(i)) {
            i++;
        }
        return i;
    }

    private static boolean isSwapped(String one, String other) {
        int i = firstOther(one, other);
        return i + 1 < one.length()
                && one.charAt(i) == other.charAt(i + 1)
                && one.charAt(i + 1) == other.charAt(i)
                && one.substring(i + 2).equals(other.substring(i + 2));
    }

    private static boolean isBeside(String one, String other) {
        int i = firstOther(one, other);
        return i < one.length()
                && one.substring(i + 1).equals(other.substring(i + 1))
                && areBeside(one.charAt(i), other.charAt(i));
    }

    private static boolean isWithOneMore(String longer, String shorter) {
        int i = firstOther(longer, shorter);
        return longer.substring(i + 1).equals(shorter.substring(i));
    }

    private static boolean areBeside(char one, char other) {
        for (int row = 0; row < ROWS.length; row++) {
            int a = ROWS[row].indexOf(one);
            for (int below = 0; below < ROWS.length && a >= 0; below++) {
                int b = ROWS[below].indexOf(other);
                if (b >= 0 && Math.abs(row - below) <= 1 && Math.abs(a - b) <= 1) {
                    return true;
                }
            }
        }
        return false;
    }
}
