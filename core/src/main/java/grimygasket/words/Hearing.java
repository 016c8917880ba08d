package grimygasket.words;

import grimygasket.util.Distinct;
import grimygasket.words.Lexicon.Heard;
import grimygasket.words.Lexicon.Hit;
import grimygasket.words.Telling.Denial;
import grimygasket.words.Telling.Word;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Hears in a sentence what its phrasings say in other words: a phrasing is heard where enough of what it says stands near together, and is
 * denied or not as it is in the phrasing. Words weigh by how few things they are said of; who says more takes the words, and what is
 * left of others is not heard. What may hurt somebody takes its whole clause from all that may not: what else is in it is asked once it is safe.
 *
 * <p>Source: words weigh by their inverse document frequency, Spärck Jones, A statistical interpretation of term specificity, 1972.
 * {@link #ENOUGH}, {@link #APART} and {@link #SLIP} were set on the sentences of the test that were looked at, and are estimates.
 */
final class Hearing {
    /** So much of the weight of a phrasing has to be said. */
    private static final double ENOUGH = 0.75;

    /** So many words of a phrasing have to be said where one of them is not. */
    private static final int LEAST = 2;

    /** A phrasing counts as said if its words stand within so many more. */
    private static final int APART = 3;

    /** What a word counts that has a slip in it. */
    private static final double SLIP = 0.8;

    /** What a word counts that is denied itself, where it is denied with another in the phrasing, and the other way round. */
    private static final double OTHERWISE_DENIED = 0.6;

    /** So much of what it is heard by must not belong to another that says more. */
    private static final double OWN = 0.5;

    /** @param stems any of which will do */
    private record Wanted(List<String> stems, Denial denial) {}

    /** Of what sort something is that can be heard: it takes words only from others of its sort. */
    enum Sort {
        /** It may hurt somebody: its words may stand anywhere in a clause, and nothing but other alarms is heard in that. */
        ALARM,
        SYMPTOM,
        FACT
    }

    private record Phrasing(int item, Sort sort, String said, List<Wanted> words) {}

    /** @param weight of what was said of it, less where some of the phrasing was not */
    private record Match(Phrasing phrasing, double weight, TreeSet<Integer> places) {
        /** Two phrasings of the same thing: what both are heard by is said of it. */
        Match with(Match other) {
            var better = other.weight > weight ? other : this;
            var all = new TreeSet<>(places);
            all.addAll(other.places);
            return new Match(better.phrasing, better.weight, all);
        }
    }

    private final List<Hit> hits = new ArrayList<>();
    /** By each of their words, as most have nothing to do with a sentence. */
    private final Map<String, Set<Phrasing>> phrasings = new HashMap<>();

    private final Map<String, Set<Integer>> saidOf = new HashMap<>();
    private final Map<String, Double> weights = new HashMap<>();

    /**
     * One more thing to be heard.
     *
     * @param said what people say of it; words of which any will do stand with strokes between: "plug/socket wet/soaked"
     */
    void add(Hit hit, Sort sort, List<String> said) {
        int item = hits.size();
        hits.add(hit);
        for (var phrase : said) {
            var words = wanted(phrase);
            if (!words.isEmpty()) {
                var phrasing = new Phrasing(item, sort, phrase, words);
                for (var word : words) {
                    for (var stem : word.stems()) {
                        phrasings
                                .computeIfAbsent(stem, none -> new LinkedHashSet<>())
                                .add(phrasing);
                        saidOf.computeIfAbsent(stem, none -> new HashSet<>()).add(item);
                    }
                }
            }
        }
    }

    private static List<Wanted> wanted(String phrase) {
        var others = new HashMap<String, List<String>>();
        var first = new StringBuilder();
        for (var word : phrase.split(" ")) {
            var any = word.split("/");
            if (any.length > 1) {
                others.put(
                        Stems.stem(any[0].toLowerCase()),
                        Arrays.stream(any)
                                .map(one -> Stems.stem(one.toLowerCase()))
                                .toList());
            }
            first.append(any[0]).append(' ');
        }
        return Telling.of(first.toString()).stream()
                .map(word -> new Wanted(others.getOrDefault(word.stem(), List.of(word.stem())), word.denial()))
                .collect(Distinct.toList());
    }

    /** What a sentence speaks of, in the order in which it does. */
    List<Heard> in(String sentence) {
        var words = Telling.of(sentence);
        var meant = words.stream().map(word -> meant(word.stem())).toList();
        var near = new LinkedHashSet<Phrasing>();
        meant.forEach(stems -> stems.forEach(stem -> near.addAll(phrasings.getOrDefault(stem, Set.of()))));
        var best = new HashMap<Integer, Match>();
        for (var phrasing : near) {
            var match = match(phrasing, words, meant);
            if (match != null) {
                best.merge(phrasing.item(), match, Match::with);
            }
        }
        var matches = new ArrayList<>(best.values());
        matches.sort(Comparator.comparing((Match match) -> match.phrasing().sort())
                .thenComparingDouble(match -> -match.weight())
                .thenComparingInt(match -> match.phrasing().item()));
        var taken = new EnumMap<Sort, Set<Integer>>(Sort.class);
        var heard = new ArrayList<Match>();
        for (var match : matches) {
            var sort = match.phrasing().sort();
            var ofOthers = taken.computeIfAbsent(sort, none -> new HashSet<>());
            if (sort == Sort.ALARM) {
                // Two alarms in one breath are two alarms.
                var clauses = clausesOf(match, words);
                taken.computeIfAbsent(Sort.SYMPTOM, none -> new HashSet<>()).addAll(clauses);
                taken.computeIfAbsent(Sort.FACT, none -> new HashSet<>()).addAll(clauses);
                heard.add(match);
            } else if (isItsOwn(match, ofOthers, words)) {
                ofOthers.addAll(match.places());
                heard.add(match);
            }
        }
        return heard.stream()
                .sorted(Comparator.comparingInt(match -> match.places().first()))
                .map(match -> new Heard(
                        hits.get(match.phrasing().item()), match.phrasing().said()))
                .toList();
    }

    /** Whether most of what it is heard by is not said of others. */
    private boolean isItsOwn(Match match, Set<Integer> ofOthers, List<Word> words) {
        double all = 0;
        double own = 0;
        for (int place : match.places()) {
            double weight = weight(words.get(place).stem());
            all += weight;
            own += ofOthers.contains(place) ? 0 : weight;
        }
        return own > OWN * all;
    }

    /** Places of all words of the clauses in which something is heard. */
    private static Set<Integer> clausesOf(Match match, List<Word> words) {
        var clauses =
                match.places().stream().map(place -> words.get(place).clause()).collect(Collectors.toSet());
        return IntStream.range(0, words.size())
                .boxed()
                .filter(place -> clauses.contains(words.get(place).clause()))
                .collect(Collectors.toSet());
    }

    /** The stems that a word stands for: itself, or what it may be with a slip in it; a word that is known is never a slip of another. */
    private Set<String> meant(String said) {
        return saidOf.containsKey(said)
                ? Set.of(said)
                : saidOf.keySet().stream()
                        .filter(stem -> Slips.isSlip(said, stem))
                        .collect(Collectors.toCollection(TreeSet::new));
    }

    private double weight(String stem) {
        return weights.computeIfAbsent(stem, one -> {
            var of = saidOf.get(one);
            return Math.log(1 + (double) hits.size() / (of == null ? 1 : of.size()));
        });
    }

    /** Where in a sentence a phrasing is said best; null where it is not. */
    private Match match(Phrasing phrasing, List<Word> sentence, List<Set<String>> meant) {
        double all = 0;
        for (var word : phrasing.words()) {
            all += weight(word.stems().get(0));
        }
        Match best = null;
        for (int from = 0; from < sentence.size(); from++) {
            int to = from;
            while (to < sentence.size()
                    && (phrasing.sort() == Sort.ALARM
                            || to < from + phrasing.words().size() + APART)
                    && sentence.get(to).clause() == sentence.get(from).clause()) {
                to++;
            }
            var places = new TreeSet<Integer>();
            double said = 0;
            for (var word : phrasing.words()) {
                double fit = 0;
                int at = -1;
                for (int i = from; i < to && fit < 1; i++) {
                    double one = places.contains(i) ? 0 : fit(word, sentence.get(i), meant.get(i));
                    if (one > fit) {
                        fit = one;
                        at = i;
                    }
                }
                if (at >= 0) {
                    places.add(at);
                    said += fit * weight(word.stems().get(0));
                }
            }
            int missing = phrasing.words().size() - places.size();
            boolean whole = missing == 0 || missing == 1 && places.size() >= LEAST && phrasing.sort() != Sort.ALARM;
            double score = said * said / all;
            if (whole && said >= ENOUGH * all && (best == null || score > best.weight())) {
                best = new Match(phrasing, score, places);
            }
        }
        return best;
    }

    private static double fit(Wanted wanted, Word said, Set<String> meant) {
        if ((wanted.denial() == Denial.NONE) != (said.denial() == Denial.NONE)) {
            return 0;
        }
        double word = wanted.stems().contains(said.stem())
                ? 1
                : wanted.stems().stream().anyMatch(meant::contains) ? SLIP : 0;
        return wanted.denial() == said.denial() ? word : word * OTHERWISE_DENIED;
    }
}
