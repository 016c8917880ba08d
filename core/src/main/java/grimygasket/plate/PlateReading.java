package grimygasket.plate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a rating plate seems to say: a proposal, as a reader of text errs.
 *
 * @param maker a known one; null if none can be read
 * @param model null if none can be read
 * @param serial null if none can be read
 */
public record PlateReading(
        @Nullable String maker,
        @Nullable String model,
        @Nullable String serial) {
    /** A value has so many words at most, such as "DW-610 S". */
    private static final int MOST_WORDS = 3;
    /** A value stands so far below its label at most: what stands beside it may have been read in between. */
    private static final int MOST_LINES_BELOW = 2;
    /** Of what else stands on a plate. */
    private static final Set<String> UNITS = Set.of("V", "VAC", "HZ", "W", "KW", "A", "MPA", "KPA", "BAR", "KG", "L");
    /** Fewer letters and figures are the rest of something that could not be read. */
    private static final Map<Label, Integer> SHORTEST = Map.of(Label.MODEL, 2, Label.SERIAL, 4);
    /** Of a maker's letters, one of so many may be misread. */
    private static final int LETTERS_A_SLIP = 5;

    /**
     * Of a text line by line, as it stands on the plate.
     *
     * @param makers that are known
     */
    public static PlateReading of(String text, List<String> makers) {
        var lines = List.of(text.split("\n")).stream()
                .map(PlateReading::words)
                .filter(words -> !words.isEmpty())
                .toList();
        var values = values(lines);
        return new PlateReading(maker(lines, makers), values.get(Label.MODEL), values.get(Label.SERIAL));
    }

    /** A label and what stands after it may be read as one word, such as "S/N:2114-0937". */
    private static List<String> words(String line) {
        return List.of(line.replace(':', ' ')
                        .replace('|', ' ')
                        .replace('=', ' ')
                        .trim()
                        .split("\\s+"))
                .stream()
                .map(PlateReading::trimmed)
                .filter(word -> !word.isEmpty())
                .toList();
    }

    private static String trimmed(String word) {
        int from = 0;
        int to = word.length();
        while (from < to && !Character.isLetterOrDigit(word.charAt(from))) {
            from++;
        }
        while (from < to && !Character.isLetterOrDigit(word.charAt(to - 1))) {
            to--;
        }
        return word.substring(from, to);
    }

    /** What stands after each label, on its line or below it; the first of each. */
    private static Map<Label, String> values(List<List<String>> lines) {
        var values = new EnumMap<Label, String>(Label.class);
        for (int i = 0; i < lines.size(); i++) {
            var words = lines.get(i);
            for (int at = 0; at < words.size(); at++) {
                var label = Label.of(words.get(at)).orElse(null);
                if (label != Label.MODEL && label != Label.SERIAL) {
                    continue;
                }
                var value = valueFrom(words, at + 1);
                for (int below = i + 1;
                        value.isEmpty() && below <= i + MOST_LINES_BELOW && below < lines.size();
                        below++) {
                    if (hasLabel(lines.get(below))) {
                        break;
                    }
                    value = valueFrom(lines.get(below), 0);
                }
                if (value.length() >= SHORTEST.get(label)) {
                    values.putIfAbsent(label, value);
                }
            }
        }
        return values;
    }

    private static boolean hasLabel(List<String> words) {
        return words.stream().anyMatch(word -> Label.of(word).isPresent());
    }

    /** The words up to the next label or quantity; empty where no figure is among them. */
    private static String valueFrom(List<String> words, int from) {
        var value = new ArrayList<String>();
        for (int at = from; at < words.size() && value.size() < MOST_WORDS; at++) {
            var label = Label.of(words.get(at));
            if (label.isPresent() && label.get() == Label.NUMBER && value.isEmpty()) {
                continue;
            }
            if (label.isPresent() || isQuantity(words, at)) {
                break;
            }
            value.add(words.get(at));
        }
        var joined = String.join(" ", value);
        return joined.chars().anyMatch(one -> one >= '0' && one <= '9') ? joined : "";
    }

    /** Such as "230 V" and "220-240 V". */
    private static boolean isQuantity(List<String> words, int at) {
        return words.get(at).matches("[0-9.,-]+")
                && at + 1 < words.size()
                && UNITS.contains(words.get(at + 1).toUpperCase(Locale.ROOT));
    }

    private record Likeness(String maker, int slips) {}

    private static @Nullable String maker(List<List<String>> lines, List<String> makers) {
        return makers.stream()
                .flatMap(maker -> lines.stream().map(words -> likeness(words, maker)))
                .filter(Objects::nonNull)
                .min(Comparator.comparingInt(Likeness::slips))
                .map(Likeness::maker)
                .orElse(null);
    }

    /** How a maker's name stands among some words; null where it does not. */
    private static @Nullable Likeness likeness(List<String> words, String maker) {
        int length = words(maker).size();
        var wanted = maker.toUpperCase(Locale.ROOT);
        Likeness best = null;
        for (int at = 0; at + length <= words.size(); at++) {
            var read = String.join(" ", words.subList(at, at + length)).toUpperCase(Locale.ROOT);
            int slips = EditDistance.between(read, wanted);
            if (slips <= wanted.length() / LETTERS_A_SLIP && (best == null || slips < best.slips)) {
                best = new Likeness(maker, slips);
            }
        }
        return best;
    }
}
