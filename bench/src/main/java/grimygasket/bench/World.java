package grimygasket.bench;

import grimygasket.pack.Check;
import grimygasket.pack.Outcome;
import grimygasket.pack.Pack;
import grimygasket.pack.Remedy;
import grimygasket.pack.Sign;
import grimygasket.pack.Station;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Random;
import java.util.Set;

/** A simulated machine with hidden faults, which answers as the pack says that such machines do. */
final class World {
    private final Pack pack;
    private final Set<String> features;
    private final Set<String> faults;
    private final Set<String> open = new HashSet<>();
    private final Random random;
    private double minutes;

    World(Pack pack, Set<String> features, Set<String> faults, Random random) {
        this.pack = pack;
        this.features = features;
        this.faults = new HashSet<>(faults);
        this.random = random;
    }

    double minutes() {
        return minutes;
    }

    boolean has(String feature) {
        return feature == null || features.contains(feature);
    }

    /** Whether the sign is seen, at no cost: the customer says it. */
    boolean shows(Sign sign) {
        return happens(sign.leak(), sign.causes());
    }

    boolean ask(Sign sign) {
        minutes += sign.minutes();
        return shows(sign);
    }

    /** The id of the outcome that is seen. */
    String check(Check check) {
        minutes += check.minutes() + reach(check.layer());
        var outcomes = check.outcomes();
        for (var outcome : outcomes.subList(0, outcomes.size() - 1)) {
            if (happens(outcome.leak(), causes(outcome))) {
                return outcome.id();
            }
        }
        return outcomes.get(outcomes.size() - 1).id();
    }

    /** Whether the machine works after the remedy and its proof. */
    boolean treat(Remedy remedy, double returnTrip) {
        minutes += remedy.minutes()
                + reach(remedy.layer())
                + pack.proof(remedy.proof()).minutes()
                + returnTrip;
        boolean listed = !faults.isEmpty();
        remedy.cures().forEach((fault, chance) -> {
            if (random.nextDouble() < chance) {
                faults.remove(fault);
            }
        });
        return listed && faults.isEmpty();
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

    private Map<String, Double> causes(Outcome outcome) {
        var causes = new HashMap<String, Double>();
        if (outcome.blockedUpTo() != null) {
            for (var path : pack.paths()) {
                var ids = path.stations().stream().map(Station::id).toList();
                var before = ids.subList(0, ids.indexOf(outcome.blockedUpTo()) + 1);
                pack.faults().stream()
                        .filter(fault -> fault.at().stream().anyMatch(before::contains))
                        .forEach(fault -> causes.put(fault.id(), fault.blocks() * outcome.seen()));
            }
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
