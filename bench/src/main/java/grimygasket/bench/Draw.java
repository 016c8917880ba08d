package grimygasket.bench;

import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.machine.Feature;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;

/** Draws simulated calls as a pack says that they come. */
final class Draw {
    private static final double USUAL = 0.9;
    private static final double UNUSUAL = 0.3;

    private static final int TRIES = 200;

    private Draw() {}

    /** A machine with one feature of each group, mostly the usual one, and the others as they come; the usual schools. */
    static Machine machine(Pack pack, Random random) {
        var features = new HashSet<String>();
        var groups = new HashSet<String>();
        var shuffled = new ArrayList<>(pack.features());
        Collections.shuffle(shuffled, random);
        for (var feature : shuffled) {
            if (feature.group() != null && groups.add(feature.group())) {
                features.add(ofGroup(pack, feature.group(), feature, random).id());
            } else if (feature.group() == null && random.nextDouble() < (feature.usual() ? USUAL : UNUSUAL)) {
                features.add(feature.id());
            }
        }
        return Machine.of(pack, features, Map.of());
    }

    /** A usual machine, on which a check makes sense. */
    static Machine machineFor(Pack pack, Check check) {
        var features = new HashSet<>(check.needs());
        var groups = new HashSet<String>();
        pack.features().stream()
                .filter(feature -> features.contains(feature.id()))
                .forEach(feature -> groups.add(feature.group()));
        pack.features().stream()
                .filter(feature -> feature.usual() && (feature.group() == null || groups.add(feature.group())))
                .forEach(feature -> features.add(feature.id()));
        return Machine.of(pack, features, Map.of());
    }

    /** Every second time the usual one of the group, else the first of the shuffled. */
    private static Feature ofGroup(Pack pack, String group, Feature first, Random random) {
        return random.nextBoolean()
                ? first
                : pack.features().stream()
                        .filter(feature -> group.equals(feature.group()) && feature.usual())
                        .findFirst()
                        .orElse(first);
    }

    /** Faults by their rates, given that there is at least one that the machine can have. */
    static Set<String> faults(Pack pack, Machine machine, Random random) {
        var possible = possible(pack, machine);
        var faults = new HashSet<String>();
        while (faults.isEmpty()) {
            for (var fault : inOrder(possible)) {
                double spared = 1 - fault.rate();
                for (var cause : fault.broughtBy().entrySet()) {
                    spared *= faults.contains(cause.getKey()) ? 1 - cause.getValue() : 1;
                }
                if (random.nextDouble() >= spared) {
                    faults.add(fault.id());
                }
            }
        }
        return faults;
    }

    /** Each fault after those that may bring it. */
    private static List<Fault> inOrder(List<Fault> faults) {
        var left = new ArrayList<>(faults);
        var ordered = new ArrayList<Fault>();
        while (!left.isEmpty()) {
            var waiting = left.stream().map(Fault::id).toList();
            var free = left.stream()
                    .filter(fault -> Collections.disjoint(fault.broughtBy().keySet(), waiting))
                    .toList();
            ordered.addAll(free);
            left.removeAll(free);
        }
        return ordered;
    }

    static List<Fault> possible(Pack pack, Machine machine) {
        return pack.faults().stream()
                .filter(fault -> machine.meets(fault.needs()))
                .filter(fault -> fault.at().isEmpty()
                        || pack.paths().stream()
                                .flatMap(path -> path.stations().stream())
                                .anyMatch(
                                        station -> fault.at().contains(station.id()) && machine.meets(station.needs())))
                .toList();
    }

    /** A machine with faults of which something shows unasked, as nobody calls about the others. */
    static World world(Pack pack, Machine machine, Random random) {
        return world(pack, machine, faults(pack, machine, random), random);
    }

    static World world(Pack pack, Machine machine, Set<String> faults, Random random) {
        var world = new World(pack, machine, faults, random.nextLong());
        for (int tries = 0; complaint(pack, machine, world).isEmpty() && tries < TRIES; tries++) {
            world = new World(pack, machine, faults, random.nextLong());
        }
        return world;
    }

    /** Up to two symptoms that a customer tells unasked; none if nothing shows, and then somebody else sees it. */
    static List<Finding> complaint(Pack pack, Machine machine, World world) {
        return pack.symptoms().stream()
                .filter(symptom -> symptom.complaint() && machine.meets(symptom.needs()) && world.complains(symptom))
                .limit(2)
                .<Finding>map(symptom -> new SymptomSettled(symptom.id(), Answer.YES, true))
                .toList();
    }
}
