package grimygasket.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The words of a text, brought to a form that stays the same whatever ending and spelling they are written with: "stopped" and
 * "stops", "odour" and "odor". A few rules for English, far simpler than Porter's (1980), of which they keep the idea.
 */
final class Stems {
    static final String NOT = "not";

    private static final Set<String> LITTLE = Set.of(
            "a", "an", "the", "it", "its", "is", "and", "or", "of", "in", "at", "on", "to", "my", "our", "there",
            "that", "this", "with", "when", "from", "for", "are", "be", "been", "has", "have", "had", "does", "do",
            "did", "very", "so", "i", "we", "but", "will", "can", "was", "were", "as", "if", "then", "just", "now",
            "some", "any", "all", "out", "up", "by", "after");

    private static final Map<String, String> IRREGULAR = Map.ofEntries(
            Map.entry("broke", "break"),
            Map.entry("broken", "break"),
            Map.entry("burnt", "burn"),
            Map.entry("stuck", "stick"),
            Map.entry("stood", "stand"),
            Map.entry("ran", "run"),
            Map.entry("stank", "stink"),
            Map.entry("stinks", "stink"),
            Map.entry("mould", "mold"),
            Map.entry("mouldy", "mold"),
            Map.entry("programme", "program"),
            Map.entry("programmes", "program"),
            Map.entry("grey", "gray"),
            Map.entry("no", NOT),
            Map.entry("nothing", NOT),
            Map.entry("never", NOT),
            Map.entry("hardly", NOT),
            Map.entry("without", NOT),
            Map.entry("cannot", NOT));

    private Stems() {}

    /** The stems of a text in their order, without the little words that say nothing by themselves. */
    static List<String> of(String text) {
        var stems = new ArrayList<String>();
        for (var word : words(text.toLowerCase())) {
            if (!LITTLE.contains(word)) {
                stems.add(stem(word));
            }
        }
        return stems;
    }

    private static List<String> words(String text) {
        var words = new ArrayList<String>();
        var word = new StringBuilder();
        for (int i = 0; i <= text.length(); i++) {
            char c = i < text.length() ? text.charAt(i) : ' ';
            if (Character.isLetterOrDigit(c)) {
                word.append(c);
            } else if (c != '\'' && c != '’' && word.length() > 0) {
                addWord(word.toString(), words);
                word.setLength(0);
            }
        }
        return words;
    }

    /** "doesnt" and "wont", whose apostrophe is gone by then, deny as "does not" does. */
    private static void addWord(String word, List<String> words) {
        boolean denies = word.length() > 3 && word.endsWith("nt") && "oeu".indexOf(word.charAt(word.length() - 3)) < 0;
        boolean shortened = word.equals("wont") || word.equals("dont");
        words.add(denies && DENIED.contains(word) || shortened ? NOT : word);
    }

    private static final Set<String> DENIED =
            Set.of("doesnt", "didnt", "isnt", "wasnt", "wouldnt", "couldnt", "arent", "cant", "hasnt", "havent");

    static String stem(String word) {
        var irregular = IRREGULAR.get(word);
        if (irregular != null) {
            return irregular;
        }
        var stem = word.length() > 4 ? word.replace("our", "or") : word;
        if (stem.endsWith("ies") || stem.endsWith("ied")) {
            stem = cut(stem, 3) + "y";
        } else if (stem.endsWith("s") && !stem.endsWith("ss") && !stem.endsWith("us") && stem.length() > 3) {
            stem = cut(stem, 1);
        }
        if (stem.endsWith("ing") && stem.length() > 5) {
            stem = single(cut(stem, 3));
        } else if (stem.endsWith("ed") && stem.length() > 4) {
            stem = single(cut(stem, 2));
        } else if (stem.endsWith("ly") && stem.length() > 4) {
            stem = cut(stem, 2);
        }
        if (stem.endsWith("e") && stem.length() > 3) {
            stem = cut(stem, 1);
        }
        if (stem.endsWith("y") && stem.length() > 3) {
            stem = single(cut(stem, 1));
        }
        return stem;
    }

    private static String cut(String word, int letters) {
        return word.substring(0, word.length() - letters);
    }

    /** "stopp" to "stop", but "spill" and "press" keep their two. */
    private static String single(String stem) {
        int n = stem.length();
        boolean twice = n > 3 && stem.charAt(n - 1) == stem.charAt(n - 2);
        return twice && "lsz".indexOf(stem.charAt(n - 1)) < 0 ? cut(stem, 1) : stem;
    }

    /** Whether two stems are the same but for one slip of the finger, or two in a long one; the first letter is right. */
    static boolean alike(String a, String b) {
        if (a.equals(b)) {
            return true;
        }
        int most = Math.min(a.length(), b.length()) < 5 ? 0 : Math.min(a.length(), b.length()) < 9 ? 1 : 2;
        return most > 0
                && a.charAt(0) == b.charAt(0)
                && Math.abs(a.length() - b.length()) <= most
                && distance(a, b) <= most;
    }

    /** Letters changed, left out, added or swapped with their neighbour (Damerau, 1964; the restricted form). */
    private static int distance(String a, String b) {
        var d = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) {
            for (int j = 0; j <= b.length(); j++) {
                if (i == 0 || j == 0) {
                    d[i][j] = i + j;
                    continue;
                }
                int same = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                d[i][j] = Math.min(Math.min(d[i - 1][j], d[i][j - 1]) + 1, d[i - 1][j - 1] + same);
                if (i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1)) {
                    d[i][j] = Math.min(d[i][j], d[i - 2][j - 2] + 1);
                }
            }
        }
        return d[a.length()][b.length()];
    }
}
