package grimygasket.server.customers;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** What a customer is found by: every word, and the rest of it from each of its letters on, so that any part is a beginning. */
public final class SearchParts {
    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{N}]+");
    private static final Pattern NUMBER = Pattern.compile("\\p{N}+");

    /** What is typed beyond it is looked for in what was found. */
    public static final int LONGEST = 16;

    private SearchParts() {}

    /** The parts of some texts, such as a name, a street and a serial number. */
    public static Set<String> of(Collection<String> texts) {
        var parts = new LinkedHashSet<String>();
        for (var text : texts) {
            var words = new LinkedHashSet<>(words(text));
            words.addAll(joined(words(text)));
            for (var word : words) {
                for (int from = 0; from < word.length(); from++) {
                    parts.add(word.substring(from, Math.min(word.length(), from + LONGEST)));
                }
            }
        }
        return parts;
    }

    /** The words of a text, in small letters. */
    static List<String> words(String text) {
        return Arrays.stream(BETWEEN_WORDS.split(text.toLowerCase(Locale.ROOT)))
                .filter(word -> !word.isEmpty())
                .toList();
    }

    /** The same words, but numbers that follow one another as one: those of a telephone number stand in groups, which many share. */
    static List<String> joined(List<String> words) {
        var joined = new ArrayList<String>();
        boolean afterNumber = false;
        for (var word : words) {
            boolean number = NUMBER.matcher(word).matches();
            joined.add(number && afterNumber ? joined.remove(joined.size() - 1) + word : word);
            afterNumber = number;
        }
        return joined;
    }
}
