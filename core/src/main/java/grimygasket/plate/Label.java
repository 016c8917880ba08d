package grimygasket.plate;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What stands before the values on a plate. */
enum Label {
    MODEL("MODEL", "MODELL", "MODELE", "MOD", "TYPE", "TYP"),
    SERIAL("SERIAL", "SERIALNO", "SERIENNR", "SERNO", "SER", "SN"),
    /** Says no more than that a number follows. */
    NUMBER("NO", "NR", "NUMBER", "NUM"),
    /** Of values that nobody asks for. */
    OTHER(
            "VOLTS",
            "VOLTAGE",
            "POWER",
            "RATED",
            "FUSE",
            "YEAR",
            "DATE",
            "MADE",
            "MASS",
            "WEIGHT",
            "WATER",
            "PRESSURE",
            "CAPACITY",
            "FREQ",
            "FREQUENCY");

    private static final int LONG_ENOUGH_TO_SLIP = 5;

    private final List<String> words;

    Label(String... words) {
        this.words = List.of(words);
    }

    /** Whose label a word is, with one letter misread where it is long enough to be told from others all the same. */
    static Optional<Label> of(String word) {
        var plain = letters(word);
        for (var label : values()) {
            for (var name : label.words) {
                boolean misread = name.length() >= LONG_ENOUGH_TO_SLIP && EditDistance.between(plain, name) == 1;
                if (plain.equals(name) || misread) {
                    return Optional.of(label);
                }
            }
        }
        return Optional.empty();
    }

    /** In capitals, what was read as a figure as the letter that looks like it. */
    private static String letters(String word) {
        return word.toUpperCase(Locale.ROOT)
                .replace('0', 'O')
                .replace('1', 'I')
                .replace('5', 'S')
                .replace('8', 'B')
                .replaceAll("[^A-Z]", "");
    }
}
