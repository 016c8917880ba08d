package grimygasket.bench;

import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.belief.Causes;
import grimygasket.diagnosis.belief.Complaints;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.plan.Planner;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.diagnosis.story.Van;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Ratings;
import grimygasket.pack.work.Remedy;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * The expected cost of a small case, in minutes with the prices of parts turned into minutes: by the best policy there is,
 * found by searching through all of them, and by the plan. The belief is kept here by its own arithmetic, over all sets of
 * faults.
 */
final class Optimum {
    /** A future less likely than this ends with handing on, for both alike. */
    private static final double NEGLIGIBLE = 1e-3;

    /** From this chance of cure on, a remedy without a part spares one, and a fault has work waiting for whoever comes next. */
    private static final double OFTEN = 0.3;

    private static final Machine MACHINE = new Machine(Set.of(), Ratings.NONE);

    private final Pack pack;
    private final Van van;
    private Symptom complaint;
    private final Map<String, Double> found = new HashMap<>();

    /** No machine that still fails is done with for less. */
    private final double least;

    /** By fault, the minutes that its quickest remedy takes in all. */
    private final double[] workLeft;

    Optimum(Pack pack, Van van) {
        this.pack = pack;
        this.van = van;
        this.least = pack.remedies().stream().mapToDouble(this::work).reduce(pack.referMinutes(), Math::min);
        this.workLeft = pack.faults().stream().mapToDouble(this::workLeft).toArray();
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
                            && (f instanceof SymptomSettled s && s.symptom().equals(id)
                                    || f instanceof RemedyTried r && r.remedy().equals(id)
                                    || f instanceof CheckMade c && c.check().equals(id)));
        }

        /** Whether all of some looks were made at any time. */
        boolean looked(List<String> checks) {
            return checks.stream().allMatch(check -> has(CheckMade.class, check));
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
                var fault = pack.faults().get(f);
                double spared = absent(fault.rate(), fault.broughtBy(), set);
                weights[set] *= (set >> f & 1) == 1 ? 1 - spared : spared;
            }
        }
        this.complaint = pack.symptom(complaint);
        for (int set = 0; set < weights.length; set++) {
            weights[set] *= set == 0 ? Math.max(complains(0), unlisted()) : complains(set);
        }
        var findings = List.<Finding>of(new SymptomSettled(complaint, Answer.YES, true));
        return new State(normal(weights), findings, Set.of(), key(findings));
    }

    /** How likely somebody calls about a machine with exactly these faults. */
    private double complains(int set) {
        return 1 - absent(Complaints.MISTAKEN * complaint.leak(), complaint.causes(), set);
    }

    /** An unlisted fault brings the complaint as often as a listed one does. */
    private double unlisted() {
        double rates = 0;
        double showing = 0;
        for (int f = 0; f < pack.faults().size(); f++) {
            double rate = pack.faults().get(f).rate();
            rates += rate;
            showing += rate * complains(1 << f);
        }
        return showing / rates;
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
            return handOn(state);
        }
        var next = Diagnosis.assess(pack, MACHINE, new Evidence(state.findings, van))
                .plan()
                .next();
        var way = switch (next.kind()) {
            case ASK -> ask(state, pack.symptom(next.id()));
            case CHECK -> check(state, pack.check(next.id()));
            case REMEDY -> treat(state, pack.remedy(next.id()));
            default -> new Way(handOn(state), List.of(), List.of());
        };
        double cost = way.cost;
        for (int i = 0; i < way.states.size(); i++) {
            cost += way.chances.get(i) * planned(way.states.get(i), reached * way.chances.get(i));
        }
        return cost;
    }

    private double best(State state, double reached) {
        if (reached < NEGLIGIBLE) {
            return handOn(state);
        }
        var known = found.get(state.key);
        if (known != null) {
            return known;
        }
        double best = handOn(state);
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
                .filter(remedy -> state.looked(remedy.after()))
                .filter(remedy ->
                        Causes.open(pack, MACHINE, state.findings, remedy).isEmpty())
                .forEach(remedy -> ways.add(treat(state, remedy)));
        pack.symptoms().stream()
                .filter(symptom -> !state.has(SymptomSettled.class, symptom.id()))
                .forEach(symptom -> ways.add(ask(state, symptom)));
        pack.checks().stream()
                .filter(check -> !tellsNothingNew(check, state))
                .filter(check -> state.looked(check.after()))
                .forEach(check -> ways.add(check(state, check)));
        return ways;
    }

    /** Whether a check was made, and since then no remedy for anything that it speaks of. */
    private boolean tellsNothingNew(Check check, State state) {
        var about = check.outcomes().stream()
                .flatMap(outcome -> pack.strengths(outcome).keySet().stream())
                .collect(Collectors.toSet());
        boolean made = false;
        for (var finding : state.findings) {
            made = finding instanceof CheckMade c && c.check().equals(check.id())
                    || made
                            && !(finding instanceof RemedyTried tried
                                    && !Collections.disjoint(
                                            about,
                                            pack.remedy(tried.remedy()).cures().keySet()));
        }
        return made;
    }

    private Way ask(State state, Symptom symptom) {
        var states = new ArrayList<State>();
        var chances = new ArrayList<Double>();
        for (var answer : List.of(Answer.YES, Answer.NO)) {
            var weights = state.weights.clone();
            for (int set = 0; set < weights.length; set++) {
                double absent = absent(symptom.leak(), symptom.causes(), set);
                weights[set] *= answer == Answer.YES ? 1 - absent : absent;
            }
            add(state, weights, new SymptomSettled(symptom.id(), answer), state.open, states, chances);
        }
        return new Way(symptom.minutes() + Planner.INTERRUPTION, states, chances);
    }

    private Way check(State state, Check check) {
        var open = new HashSet<>(state.open);
        double cost = check.minutes() + interruption(state, check) + reach(check.layer(), open);
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

    /** A look that a remedy waits for is on the way to it. */
    private double interruption(State state, Check check) {
        return pack.remedies().stream()
                        .filter(remedy -> !state.has(RemedyTried.class, remedy.id()))
                        .anyMatch(remedy -> remedy.after().contains(check.id()))
                ? 0
                : Planner.INTERRUPTION;
    }

    private Way treat(State state, Remedy remedy) {
        var open = new HashSet<>(state.open);
        double cost = cost(remedy, state.weights) + reach(remedy.layer(), open);
        boolean about = pack.hindering(remedy.proof()).stream().anyMatch(complaint.causes()::containsKey);
        var weights = state.weights.clone();
        double cured = 0;
        for (int f = 0; f < pack.faults().size(); f++) {
            double chance = remedy.cures().getOrDefault(pack.faults().get(f).id(), 0.0);
            for (int set = 0; set < weights.length; set++) {
                int rest = set & ~(1 << f);
                if (rest != set) {
                    double gone = weights[set] * chance;
                    weights[set] -= gone;
                    // A machine with nothing left of what was wrong is cured: its weight leaves the table.
                    if (rest == 0) {
                        cured += gone;
                    } else {
                        // What is left goes on showing the complaint as far as it showed it before.
                        weights[rest] += about ? gone * complains(rest) / complains(set) : gone;
                    }
                }
            }
        }
        double failing = 1 - cured;
        weights = normal(weights);
        for (int set = 0; set < weights.length; set++) {
            weights[set] *= failing;
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

    /** All but what it takes to reach it. Where only a part cures, only a part that is fitted in vain is a cost. */
    private double cost(Remedy remedy, double[] weights) {
        boolean due = pack.remedies().stream()
                .noneMatch(other -> other.parts().isEmpty()
                        && remedy.cures().keySet().stream()
                                .anyMatch(fault -> other.cures().getOrDefault(fault, 0.0) >= OFTEN));
        double gain = 0;
        for (int f = 0; f < pack.faults().size(); f++) {
            double chance = remedy.cures().getOrDefault(pack.faults().get(f).id(), 0.0);
            for (int set = 0; set < weights.length; set++) {
                gain += (set >> f & 1) == 1 ? weights[set] * chance : 0;
            }
        }
        return work(remedy) + van.priceInMinutes(pack, remedy.parts()) * (due ? Math.max(0, 1 - gain) : 1);
    }

    /** Giving up, and the work on each fault that is there, which somebody else has to do from its beginning. */
    private double handOn(State state) {
        double cost = pack.referMinutes();
        for (int f = 0; f < pack.faults().size(); f++) {
            for (int set = 0; set < state.weights.length; set++) {
                cost += (set >> f & 1) == 1 ? state.weights[set] * workLeft[f] : 0;
            }
        }
        return cost;
    }

    private double workLeft(Fault fault) {
        return pack.remedies().stream()
                .filter(remedy -> remedy.cures().getOrDefault(fault.id(), 0.0) >= OFTEN)
                .mapToDouble(remedy -> work(remedy) + reach(remedy.layer(), new HashSet<>()))
                .min()
                .orElse(0);
    }

    private double work(Remedy remedy) {
        return remedy.minutes()
                + pack.proof(remedy.proof()).minutes()
                + van.waiting(pack, remedy).charged();
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
