package grimygasket.words;

import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Code;
import grimygasket.pack.machine.Needs;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Finds symptoms, facts, faults, checks and codes by the words people use for them. */
public final class Lexicon {
    /** What a word counts that is begun only, and one that is written otherwise. */
    private static final double BEGUN = 0.8;

    private static final double SLIP = 0.6;

    /** So many letters make a word whose ending may be anything. */
    private static final int A_WORD = 5;

    private final List<Item> items = new ArrayList<>();

    /** Made once something is told: who only searches does without. */
    private Hearing hearing;

    /** What can be found. */
    public enum Kind {
        SYMPTOM,
        FACT,
        FAULT,
        CHECK,
        CODE
    }

    /**
     * Something found.
     *
     * @param id of the symptom, fact, fault or check; the code as the machine shows it
     * @param choice id of the choice of a fact; null otherwise
     * @param name as it is noted
     */
    public record Hit(Kind kind, String id, @Nullable String choice, String name) {}

    /**
     * Something that a customer's sentence speaks of: to be confirmed, never taken for evidence by itself.
     *
     * @param said the words by which it was recognised
     */
    public record Heard(Hit hit, String said) {}

    /**
     * @param sort of what can be heard; null for what is only looked up
     * @param said what people say of it, besides its name
     * @param phrases the stems of its name, and of what people say
     */
    private record Item(
            Hit hit, Hearing.@Nullable Sort sort, List<String> said, List<List<String>> phrases, List<String> more) {
        /** The name of a choice says nothing without its question. */
        List<String> heardBy() {
            return hit.kind == Kind.FACT
                    ? said
                    : Stream.concat(Stream.of(hit.name()), said.stream()).toList();
        }
    }

    private Lexicon() {}

    /**
     * @param traits of the machine, see {@link Needs#met}: what it cannot have is not found
     * @param codes those of the machine's maker; none where it is not known
     */
    public static Lexicon of(Pack pack, Collection<String> traits, List<Code> codes) {
        var lexicon = new Lexicon();
        pack.symptoms().stream()
                .filter(symptom -> Needs.met(symptom.needs(), traits))
                .forEach(symptom -> lexicon.add(
                        new Hit(Kind.SYMPTOM, symptom.id(), null, symptom.name()),
                        symptom.alarm() != null ? Hearing.Sort.ALARM : Hearing.Sort.SYMPTOM,
                        symptom.words(),
                        List.of(symptom.ask(), symptom.id())));
        pack.facts().stream()
                .filter(fact -> Needs.met(fact.needs(), traits))
                .forEach(fact -> fact.choices()
                        .forEach(choice -> lexicon.add(
                                new Hit(Kind.FACT, fact.id(), choice.id(), fact.name() + ": " + choice.name()),
                                choice.words(),
                                List.of(fact.ask()))));
        pack.faults().stream()
                .filter(fault -> Needs.met(fault.needs(), traits))
                .forEach(fault ->
                        lexicon.add(new Hit(Kind.FAULT, fault.id(), null, fault.name()), fault.words(), List.of()));
        pack.checks().stream()
                .filter(check -> Needs.met(check.needs(), traits))
                .forEach(check ->
                        lexicon.add(new Hit(Kind.CHECK, check.id(), null, check.name()), List.of(), List.of()));
        codes.forEach(code -> lexicon.add(
                new Hit(Kind.CODE, code.code(), null, code.code() + ": " + code.meaning()), List.of(), List.of()));
        return lexicon;
    }

    private void add(Hit hit, List<String> said, List<String> more) {
        add(hit, hit.kind == Kind.FACT ? Hearing.Sort.FACT : null, said, more);
    }

    private void add(Hit hit, Hearing.@Nullable Sort sort, List<String> said, List<String> more) {
        items.add(new Item(
                hit,
                sort,
                said,
                Stream.concat(Stream.of(hit.name()), said.stream())
                        .map(Telling::stems)
                        .toList(),
                more.stream().flatMap(text -> Telling.stems(text).stream()).toList()));
    }

    /**
     * What has every word of a query, the best first: by the words people use, the name, and then the question. A word may be
     * begun only, or have a slip in it.
     *
     * @param most how many at most
     */
    public List<Hit> find(String query, int most) {
        var wanted = Telling.stems(query);
        if (wanted.isEmpty()) {
            return List.of();
        }
        record Scored(Hit hit, double score) {}
        return items.stream()
                .map(item -> new Scored(item.hit, score(item, wanted)))
                .filter(scored -> scored.score > 0)
                .sorted(Comparator.comparingDouble((Scored scored) -> -scored.score))
                .limit(most)
                .map(Scored::hit)
                .toList();
    }

    private static double score(Item item, List<String> wanted) {
        double best = 0;
        for (var phrase : item.phrases) {
            double score = covered(wanted, phrase) / wanted.size();
            // A phrase that says nothing else is meant more likely than one in which the words stand among others.
            best = score > 0
                    ? Math.max(best, score + 0.5 * wanted.size() / Math.max(phrase.size(), wanted.size()))
                    : best;
        }
        if (best == 0) {
            var all = new ArrayList<>(item.more);
            item.phrases.forEach(all::addAll);
            best = covered(wanted, all) / wanted.size() / 2;
        }
        return best;
    }

    private static double fit(String word, String other) {
        if (other.equals(word)) {
            return 1;
        }
        if (other.startsWith(word) && word.length() > 1) {
            return BEGUN;
        }
        boolean ending = word.startsWith(other) && other.length() >= A_WORD;
        return ending || Slips.isSlip(word, other) ? SLIP : 0;
    }

    /** How well each word is found among others; 0 if one is not. */
    private static double covered(List<String> wanted, List<String> among) {
        double sum = 0;
        for (var word : wanted) {
            double best = 0;
            for (var other : among) {
                best = Math.max(best, fit(word, other));
            }
            if (best == 0) {
                return 0;
            }
            sum += best;
        }
        return sum;
    }

    /** The symptoms and facts that a sentence speaks of, in the order in which it does; what it denies is left out. */
    public List<Heard> heard(String sentence) {
        if (hearing == null) {
            hearing = new Hearing();
            for (var item : items) {
                if (item.sort != null) {
                    hearing.add(item.hit, item.sort, item.heardBy());
                }
            }
        }
        return hearing.in(sentence);
    }
}
