package grimygasket.bench;

import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Evidence;
import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Finding.Answer;
import grimygasket.diagnosis.Finding.CheckMade;
import grimygasket.diagnosis.Finding.Proved;
import grimygasket.diagnosis.Finding.RemedyTried;
import grimygasket.diagnosis.Finding.SignSettled;
import grimygasket.diagnosis.Machine;
import grimygasket.diagnosis.Van;
import grimygasket.pack.Check;
import grimygasket.pack.Layer;
import grimygasket.pack.Pack;
import grimygasket.pack.Ratings;
import grimygasket.pack.Remedy;
import grimygasket.pack.Sign;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * The expected cost of a small case, in minutes with the prices of parts turned into minutes: by the best policy there is,
 * found by searching through all of them, and by the plan. The belief is kept here by its own arithmetic, over all sets of
 * faults.
 */
final class Optimum {
    /** A future less likely than this ends with handing on, for both alike. */
    private static final double NEGLIGIBLE = 1e-2;

    private final Pack pack;
    private final Van van;
    private final Map<String, Double> found = new HashMap<>();

    /** No machine that still fails is done with for less. */
    private final double least;

    Optimum(Pack pack, Van van) {
        this.pack = pack;
        this.van = van;
        this.least = pack.remedies().stream().mapToDouble(this::cost).reduce(pack.referMinutes(), Math::min);
    }

    /**
     * What is known and done so far.
     *
     * @param weights by set of faults, as bits, how likely it is; they sum to 1
     * @param findings in their order
     * @param open ids of the layers
     * @param key the same for the same knowledge, in whatever order it came between two remedies
     */
    private record State(double[] weights, List<Finding> findings, Set<String> open, String key) {
        boolean has(Class<? extends Finding> kind, String id) {
            return findings.stream()
                    .anyMatch(f -> kind.isInstance(f)
                            && (f instanceof SignSettled s && s.sign().equals(id)
                                    || f instanceof RemedyTried r && r.remedy().equals(id)));
        }

        boolean checkedSinceRemedy(String check) {
            boolean made = false;
            for (var finding : findings) {
                made = (made && !(finding instanceof RemedyTried))
                        || (finding instanceof CheckMade c && c.check().equals(check));
            }
            return made;
        }
    }

    /** A way on: what it costs now, and each state that may follow with its chance; what is left of 1 is a cure. */
    private record Way(double cost, List<State> states, List<Double> chances) {}

    private State start(String complaint) {
        int n = pack.faults().size();
        var weights = new double[1 << n];
        for (int set = 0; set < weights.length; set++) {
            weights[set] = set == 0 ? pack.unexplained() : 1;
            for (int f = 0; f < n; f++) {
                double rate = pack.faults().get(f).rate();
                weights[set] *= (set >> f & 1) == 1 ? rate : 1 - rate;
            }
        }
        var state = new State(normal(weights), List.of(), Set.of(), "");
        return ask(state, pack.sign(complaint)).states.get(0);
    }

    /** By the best policy. */
    double best(String complaint) {
        return best(start(complaint), 1);
    }

    /** By the plan. */
    double planned(String complaint) {
        return planned(start(complaint), 1);
    }

    private double planned(State state, double reached) {
        if (reached < NEGLIGIBLE) {
            return pack.referMinutes();
        }
        var next = Diagnosis.assess(pack, new Machine(Set.of(), Ratings.NONE), new Evidence(state.findings, van))
                .plan()
                .next();
        var way = switch (next.kind()) {
            case ASK -> ask(state, pack.sign(next.id()));
            case CHECK -> check(state, pack.check(next.id()));
            case REMEDY -> treat(state, pack.remedy(next.id()));
            default -> new Way(pack.referMinutes(), List.of(), List.of());
        };
        double cost = way.cost;
        for (int i = 0; i < way.states.size(); i++) {
            cost += way.chances.get(i) * planned(way.states.get(i), reached * way.chances.get(i));
        }
        return cost;
    }

    private double best(State state, double reached) {
        if (reached < NEGLIGIBLE) {
            return pack.referMinutes();
        }
        var known = found.get(state.key);
        if (known != null) {
            return known;
        }
        double best = pack.referMinutes();
        for (var way : ways(state)) {
            double cost = way.cost
                    + least
                            * way.chances.stream()
                                    .mapToDouble(Double::doubleValue)
                                    .sum();
            for (int i = 0; i < way.states.size() && cost < best; i++) {
                double chance = way.chances.get(i);
                cost += chance * (best(way.states.get(i), reached * chance) - least);
            }
            best = Math.min(best, cost);
        }
        found.put(state.key, best);
        return best;
    }

    private List<Way> ways(State state) {
        var ways = new ArrayList<Way>();
        pack.remedies().stream()
                .filter(remedy -> !state.has(RemedyTried.class, remedy.id()))
                .forEach(remedy -> ways.add(treat(state, remedy)));
        pack.signs().stream()
                .filter(sign -> !state.has(SignSettled.class, sign.id()))
                .forEach(sign -> ways.add(ask(state, sign)));
        pack.checks().stream()
                .filter(check -> !state.checkedSinceRemedy(check.id()))
                .forEach(check -> ways.add(check(state, check)));
        return ways;
    }

    private Way ask(State state, Sign sign) {
        var states = new ArrayList<State>();
        var chances = new ArrayList<Double>();
        for (var answer : List.of(Answer.YES, Answer.NO)) {
            var weights = state.weights.clone();
            for (int set = 0; set < weights.length; set++) {
                double absent = absent(sign.leak(), sign.causes(), set);
                weights[set] *= answer == Answer.YES ? 1 - absent : absent;
            }
            add(state, weights, new SignSettled(sign.id(), answer), state.open, states, chances);
        }
        return new Way(sign.minutes(), states, chances);
    }

    private Way check(State state, Check check) {
        var open = new HashSet<>(state.open);
        double cost = check.minutes() + reach(check.layer(), open);
        var states = new ArrayList<State>();
        var chances = new ArrayList<Double>();
        var left = state.weights.clone();
        for (var outcome : check.outcomes()) {
            boolean last = outcome == check.outcomes().get(check.outcomes().size() - 1);
            var weights = left.clone();
            for (int set = 0; set < weights.length; set++) {
                double absent = last ? 0 : absent(outcome.leak(), outcome.causes(), set);
                weights[set] *= 1 - absent;
                left[set] *= absent;
            }
            add(state, weights, new CheckMade(check.id(), outcome.id()), open, states, chances);
        }
        return new Way(cost, states, chances);
    }

    private Way treat(State state, Remedy remedy) {
        var open = new HashSet<>(state.open);
        double cost = cost(remedy) + reach(remedy.layer(), open);
        var weights = state.weights.clone();
        for (int f = 0; f < pack.faults().size(); f++) {
            double chance = remedy.cures().getOrDefault(pack.faults().get(f).id(), 0.0);
            for (int set = 0; set < weights.length; set++) {
                if ((set >> f & 1) == 1) {
                    double gone = weights[set] * chance;
                    weights[set] -= gone;
                    // A machine with nothing left of what was wrong is cured: its weight leaves the table.
                    weights[set & ~(1 << f)] += (set & ~(1 << f)) == 0 ? 0 : gone;
                }
            }
        }
        var states = new ArrayList<State>();
        var chances = new ArrayList<Double>();
        add(state, weights, new RemedyTried(remedy.id(), Proved.STILL_FAILING), open, states, chances);
        return new Way(cost, states, chances);
    }

    private void add(
            State from, double[] weights, Finding finding, Set<String> open, List<State> states, List<Double> chances) {
        double chance = 0;
        for (double weight : weights) {
            chance += weight;
        }
        var findings = new ArrayList<>(from.findings);
        findings.add(finding);
        states.add(new State(normal(weights), findings, open, key(findings)));
        chances.add(chance);
    }

    private static String key(List<Finding> findings) {
        var key = new StringBuilder();
        var since = new TreeSet<String>();
        for (var finding : findings) {
            since.add(finding.toString());
            if (finding instanceof RemedyTried) {
                key.append(since).append('>');
                since.clear();
            }
        }
        return key.append(since).toString();
    }

    private static double[] normal(double[] weights) {
        double sum = 0;
        for (double weight : weights) {
            sum += weight;
        }
        var normal = weights.clone();
        for (int i = 0; i < normal.length && sum > 0; i++) {
            normal[i] /= sum;
        }
        return normal;
    }

    private double absent(double leak, Map<String, Double> causes, int set) {
        double absent = 1 - leak;
        for (int f = 0; f < pack.faults().size(); f++) {
            absent *= (set >> f & 1) == 1
                    ? 1 - causes.getOrDefault(pack.faults().get(f).id(), 0.0)
                    : 1;
        }
        return absent;
    }

    /** All but what it takes to reach it. */
    private double cost(Remedy remedy) {
        double price = remedy.parts().stream()
                        .mapToDouble(part -> van.partPrices().getOrDefault(part, 0.0))
                        .sum()
                * 60
                / van.labourPerHour();
        return remedy.minutes() + pack.proof(remedy.proof()).minutes() + van.waitMinutes(remedy) + price;
    }

    private double reach(String layer, Set<String> open) {
        if (layer == null || !open.add(layer)) {
            return 0;
        }
        Layer one = pack.layers().stream()
                .filter(l -> l.id().equals(layer))
                .findFirst()
                .orElseThrow();
        return one.openMinutes() + one.closeMinutes() + reach(one.within(), open);
    }
}
