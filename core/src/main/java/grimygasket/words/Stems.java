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
            "a",
            "an",
            "the",
            "it",
            "its",
            "is",
            "and",
            "or",
            "of",
            "in",
            "at",
            "on",
            "to",
            "my",
            "our",
            "there",
            "that",
            "this",
            "with",
            "when",
            "from",
            "for",
            "are",
            "be",
            "been",
            "has",
            "have",
            "had",
            "does",
            "do",
            "did",
            "very",
            "so",
            "i",
            "we",
            "but",
            "will",
            "can",
            "was",
            "were",
            "as",
            "if",
            "then",
            "just",
            "now",
            "some",
            "any",
            "all",
            "out",
            "up",
            "by",
            "after",
            "more",
            "anymore",
            "still",
            "get",
            "gets",
            "got",
            "getting",
            "really",
            "quite",
            "completely",
            "totally",
            "terribly",
            "properly",
            "keep",
            "keeps",
            "always",
            "she",
            "he",
            "me",
            "you",
            "your",
            "they",
            "them",
            "his",
            "her",
            "im",
            "ive",
            "would",
            "should",
            "could",
            "too",
            "even",
            "also",
            "theres",
            "thats",
            "into",
            "about",
            "well");

    private static final Map<String, String> IRREGULAR = Map.ofEntries(
            Map.entry("broke", "break"),
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
            Map.entry("lies", "lie"),
            Map.entry("lying", "lie"),
            Map.entry("suction", "suck"),
            Map.entry("cycle", "program"),
            Map.entry("cycles", "program"),
            Map.entry("beneath", "under"),
            Map.entry("underneath", "under"),
            Map.entry("below", "under"),
            Map.entry("lamp", "light"),
            Map.entry("indicator", "light"),
            Map.entry("symbol", "light"),
            Map.entry("mug", "cup"),
            Map.entry("mugs", "cup"),
            Map.entry("tab", "tablet"),
            Map.entry("tabs", "tablet"),
            Map.entry("basket", "rack"),
            Map.entry("shelf", "rack"),
            Map.entry("hoover", "vacuum"),
            Map.entry("hoovered", "vacuum"),
            Map.entry("hoovering", "vacuum"),
            Map.entry("fluff", "lint"),
            Map.entry("tank", "container"),
            Map.entry("roller", "brush"),
            Map.entry("beater", "brush"),
            Map.entry("quits", "stop"),
            Map.entry("smelt", "smell"),
            Map.entry("smelly", "smell"),
            Map.entry("stunk", "stink"),
            Map.entry("blew", "blow"),
            Map.entry("came", "come"),
            Map.entry("froth", "foam"),
            Map.entry("outlet", "socket"),
            Map.entry("odor", "smell"),
            Map.entry("odour", "smell"),
            Map.entry("scent", "smell"),
            Map.entry("nasty", "bad"),
            Map.entry("foul", "bad"),
            Map.entry("broken", "break"),
            Map.entry("no", NOT),
            Map.entry("nothing", NOT),
            Map.entry("never", NOT),
            Map.entry("hardly", NOT),
            Map.entry("without", NOT),
            Map.entry("cannot", NOT));

    private Stems() {}

    /** Whether a word says nothing by itself. */
    static boolean isLittle(String word) {
        return LITTLE.contains(word);
    }

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
}
