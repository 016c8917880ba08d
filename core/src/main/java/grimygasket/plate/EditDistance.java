package grimygasket.plate;

/** How far two words are apart. */
final class EditDistance {
    private EditDistance() {}

    /** The least number of letters put in, left out or changed that makes one word of the other (Levenshtein, 1966). */
    static int between(String one, String other) {
        var row = new int[other.length() + 1];
        for (int j = 0; j < row.length; j++) {
            row[j] = j;
        }
        for (int i = 1; i <= one.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j < row.length; j++) {
                int above = row[j];
                int changed = diagonal + (one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1);
                row[j] = Math.min(changed, Math.min(above, row[j - 1]) + 1);
                diagonal = above;
            }
        }
        return row[other.length()];
    }
}
