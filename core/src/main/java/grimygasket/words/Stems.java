package grimygasket.words;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/**
 * Reduces a word to its stem, so that endings and spellings match: "stopped" and "stops", "odour" and "odor". A few rules for English, far simpler than Porter's (1980), of which they keep the idea.
 */
final class Stems {
    private static final Set<String> LITTLE = words("""
            a an the it its is and or of in at on to my our there that this with when from for are be been has have had does do
            did very so i we but will can was were as if then just now some any all out up by after more anymore still get gets
            got getting really quite completely totally terribly properly keep keeps always she he me you your they them his her
            im ive would should could too even also theres thats into about well
            """);

    /** Irregular forms, other spellings, and other words for the same thing: the one that gives the stem first. */
    private static final Map<String, String> SAME = same("""
            break broke broken, burn burnt, stick stuck, stand stood, run ran, stink stank stinks stunk, mold mould mouldy,
            program programme programmes cycle cycles, gray grey, lie lies lying, suck suction, under beneath underneath below,
            light lamp indicator symbol, cup mug mugs, tablet tab tabs, rack basket shelf, vacuum hoover hoovered hoovering,
            lint fluff, container tank, brush roller beater, stop quits, smell smelt smelly odor odour scent, blow blew,
            come came, foam froth, socket outlet, bad nasty foul
            """);

    private Stems() {}

    static Set<String> words(String text) {
        return Set.of(text.strip().split("\\s+"));
    }

    private static Map<String, String> same(String text) {
        var same = new HashMap<String, String>();
        for (var group : text.strip().split(",\\s+")) {
            var words = group.split(" ");
            for (int i = 1; i < words.length; i++) {
                same.put(words[i], byRules(words[0]));
            }
        }
        return same;
    }

    /** Whether a word says nothing by itself. */
    static boolean isLittle(String word) {
        return LITTLE.contains(word);
    }

    static String stem(String word) {
        var same = SAME.get(word);
        return same == null ? byRules(word) : same;
    }

    private static String byRules(String word) {
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
