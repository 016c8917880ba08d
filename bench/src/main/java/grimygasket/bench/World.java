package grimygasket.bench;

import grimygasket.diagnosis.Finding.Answer;
import grimygasket.diagnosis.Finding.CheckMade;
import grimygasket.diagnosis.Finding.FactKnown;
import grimygasket.diagnosis.Finding.Proved;
import grimygasket.diagnosis.Finding.RemedyTried;
import grimygasket.diagnosis.Finding.SignSettled;
import grimygasket.diagnosis.Van;
import grimygasket.pack.Check;
import grimygasket.pack.Fact;
import grimygasket.pack.Outcome;
import grimygasket.pack.Pack;
import grimygasket.pack.Remedy;
import grimygasket.pack.Sign;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Random;
import java.util.Set;

/** A simulated machine with hidden faults, which answers as the pack says that such machines do, and counts the minutes. */
final class World {
    private final Pack pack;
    private final Set<String> faults;
    private final Set<String> before;
    private final Set<String> open = new HashSet<>();
    private final Random random;
    private double minutes;
    private boolean secondVisit;

    World(Pack pack, Set<String> faults, Random random) {
        this.pack = pack;
        this.faults = new HashSet<>(faults);
        this.before = Set.copyOf(faults);
        this.random = random;
    }

    double minutes() {
        return minutes;
    }

    boolean secondVisit() {
        return secondVisit;
    }

    /** Whether the sign is seen, at no cost: the customer says it. */
    boolean shows(Sign sign) {
        return happens(sign.leak(), sign.causes());
    }

    SignSettled ask(Sign sign) {
        minutes += sign.minutes();
        return new SignSettled(sign.id(), shows(sign) ? Answer.YES : Answer.NO);
    }

    /** Facts are about the time before: they go with the faults that were there at first. */
    FactKnown learn(Fact fact) {
        minutes += fact.minutes();
        var weights = fact.choices().stream()
                .mapToDouble(choice -> before.stream()
                        .mapToDouble(fault -> choice.shifts().getOrDefault(fault, 1.0))
                        .reduce(choice.share(), (a, b) -> a * b))
                .toArray();
        double left = random.nextDouble() * Arrays.stream(weights).sum();
        int c = 0;
        while (c < weights.length - 1 && left >= weights[c]) {
            left -= weights[c++];
        }
        return new FactKnown(fact.id(), fact.choices().get(c).id());
    }

    CheckMade check(Check check) {
        minutes += check.minutes() + reach(check.layer());
        var outcomes = check.outcomes();
        for (var outcome : outcomes.subList(0, outcomes.size() - 1)) {
            if (happens(outcome.leak(), causes(pack, outcome))) {
                return new CheckMade(check.id(), outcome.id());
            }
        }
        return new CheckMade(check.id(), outcomes.get(outcomes.size() - 1).id());
    }

    /** What the proof after a remedy shows. */
    RemedyTried treat(Remedy remedy, Van van) {
        double wait = van.waitMinutes(remedy);
        secondVisit |= wait >= van.returnTripMinutes();
        minutes += remedy.minutes()
                + reach(remedy.layer())
                + pack.proof(remedy.proof()).minutes()
                + wait;
        boolean listed = !faults.isEmpty();
        remedy.cures().forEach((fault, chance) -> {
            if (random.nextDouble() < chance) {
                faults.remove(fault);
            }
        });
        if (listed && faults.isEmpty()) {
            return new RemedyTried(remedy.id(), Proved.CURED);
        }
        boolean hindered = pack.remedies().stream()
                .filter(other -> other.proof().equals(remedy.proof()))
                .anyMatch(other -> other.cures().keySet().stream().anyMatch(faults::contains));
        return new RemedyTried(remedy.id(), hindered ? Proved.STILL_FAILING : Proved.PARTLY);
    }

    void refer() {
        minutes += pack.referMinutes();
    }

    private boolean happens(double leak, Map<String, Double> causes) {
        double absent = 1 - leak;
        for (var fault : faults) {
            absent *= 1 - causes.getOrDefault(fault, 0.0);
        }
        return random.nextDouble() >= absent;
    }

    /** Fault id to the chance that it shows as an outcome. */
    static Map<String, Double> causes(Pack pack, Outcome outcome) {
        var causes = new HashMap<String, Double>();
        if (outcome.seen() > 0) {
            pack.blocking(outcome.blockedUpTo())
                    .forEach(fault -> causes.put(fault.id(), fault.blocks() * outcome.seen()));
        }
        causes.putAll(outcome.causes());
        return causes;
    }

    private double reach(String layer) {
        if (layer == null || !open.add(layer)) {
            return 0;
        }
        var one = pack.layers().stream()
                .filter(l -> l.id().equals(layer))
                .findFirst()
                .orElseThrow();
        return one.openMinutes() + one.closeMinutes() + reach(one.within());
    }
}
