package grimygasket.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * What somebody tells, as stems in their order, each with whether it is denied. A "no" denies what follows it in its clause, up to
 * {@link #REACH} words of content: "drum turns, no heat" denies the heat and not the drum.
 *
 * <p>Source: the scope of a negation ends at punctuation and conjunctions, as in Chapman and others, A simple algorithm for identifying
 * negated findings (NegEx), 2001; its reach in words is an estimate.
 */
final class Telling {
    /** So many words of content a negation reaches. */
    private static final int REACH = 3;

    private static final Set<String> DENIES = Stems.words("""
            no not never nothing none nobody hardly barely scarcely without cannot lost lose loses fails failed refuses wont
            dont cant aint isnt doesnt didnt wasnt wouldnt couldnt shouldnt arent werent hasnt havent hadnt
            """);

    /** What ends the reach of a negation. */
    private static final Set<String> JOINS = Stems.words("""
            and but or then though although because since when while until before so yet as if whenever unless after
            """);

    /** "Stopped draining" denies the draining. */
    private static final Set<String> ENDS = Set.of("stop", "stops", "stopped", "quit");

    /** With "on", all of them say that it starts. */
    private static final Set<String> SWITCHES = Stems.words("""
            turn turns turned turning switch switches switched switching come comes came coming power powers powered powering
            """);

    private static final Set<String> AGES = Set.of("ages", "age", "forever", "ever", "hours", "eternity");

    /** How a word is denied: "no hot water" denies the heat, and the water only with it. */
    enum Denial {
        NONE,
        ITSELF,
        WITH_ANOTHER
    }

    /**
     * @param clause number of its clause between commas and stops
     */
    record Word(String stem, Denial denial, int clause) {}

    private final List<Word> words = new ArrayList<>();
    private int clause;
    private int denying;
    private boolean since;

    private Telling() {}

    static List<Word> of(String text) {
        var telling = new Telling();
        for (var part : parts(text.toLowerCase())) {
            telling.denying = 0;
            telling.take(part);
            telling.clause++;
        }
        return telling.words;
    }

    /** The stems alone, for who looks something up: whether it is denied does not matter then. */
    static List<String> stems(String text) {
        return of(text).stream().map(Word::stem).toList();
    }

    private void take(List<String> raw) {
        for (int i = 0; i < raw.size(); i++) {
            var word = raw.get(i);
            var next = i + 1 < raw.size() ? raw.get(i + 1) : "";
            if (DENIES.contains(word) || ENDS.contains(word) && next.endsWith("ing")) {
                // What does not stop goes on.
                denying = denying > 0 && ENDS.contains(word) ? 0 : REACH;
                // "No longer" denies, and says nothing of length.
                i += next.equals("longer") ? 1 : 0;
            } else if (JOINS.contains(word)) {
                denying = 0;
                since = word.equals("since");
            } else if (word.equals("half") && next.equals("way")) {
                add("halfway");
                i++;
            } else if (Stems.stem(word).equals("go") && next.equals("round")) {
                add("turn");
                i++;
            } else if (SWITCHES.contains(word) && next.equals("on")) {
                add("start");
                i++;
            } else if (word.equals("on") && (next.equals("off") || next.equals("and") && follows(raw, i + 2, "off"))) {
                add("onoff");
                i += next.equals("off") ? 1 : 2;
            } else if (Stems.stem(word).equals("tak") && isAge(raw, i + 1)) {
                add("tak");
                add("long");
            } else if (!Stems.isLittle(word)) {
                add(Stems.stem(word));
            }
        }
    }

    private static boolean follows(List<String> raw, int at, String word) {
        return at < raw.size() && raw.get(at).equals(word);
    }

    /** "Takes ages", "takes for ever", "takes three hours". */
    private static boolean isAge(List<String> raw, int from) {
        return raw.subList(Math.min(from, raw.size()), Math.min(from + 2, raw.size())).stream()
                .anyMatch(AGES::contains);
    }

    private void add(String stem) {
        var denial = denying == REACH ? Denial.ITSELF : denying > 0 ? Denial.WITH_ANOTHER : Denial.NONE;
        // "Since cleaning" is not said by "clean since": when it began is said with what follows.
        words.add(new Word(since ? "since " + stem : stem, denial, clause));
        since = false;
        denying--;
    }

    /** The words of each clause between commas and stops; an apostrophe is left out, so that "won't" is "wont". */
    private static List<List<String>> parts(String text) {
        var parts = new ArrayList<List<String>>();
        var part = new ArrayList<String>();
        var word = new StringBuilder();
        for (int i = 0; i <= text.length(); i++) {
            char c = i < text.length() ? text.charAt(i) : '.';
            if (Character.isLetterOrDigit(c)) {
                word.append(c);
            } else if (c != '\'' && c != '’') {
                if (word.length() > 0) {
                    part.add(word.toString());
                    word.setLength(0);
                }
                if (",.;:!?".indexOf(c) >= 0 && !part.isEmpty()) {
                    parts.add(part);
                    part = new ArrayList<>();
                }
            }
        }
        return parts;
    }
}
