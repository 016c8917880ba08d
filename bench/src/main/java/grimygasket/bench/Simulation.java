package grimygasket.bench;

import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Finding.Answer;
import grimygasket.diagnosis.Finding.SignSettled;
import grimygasket.diagnosis.Machine;
import grimygasket.pack.Feature;
import grimygasket.pack.Pack;
import grimygasket.server.knowhow.Library;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Draws calls from a pack (hidden faults, noisy answers) and lets each technician work through the same ones. Prints minutes
 * to a proved cure, or to handing on, and the share cured.
 */
public final class Simulation {
    private static final int CALLS = 400;

    private Simulation() {}

    public static void main(String[] args) throws IOException {
        System.out.printf("%-16s %-18s %8s %8s %8s%n", "machine", "way of working", "mean", "90th", "cured");
        for (var pack : new Library().packs()) {
            for (var technician : Technician.values()) {
                run(pack, technician);
            }
        }
    }

    private static void run(Pack pack, Technician technician) {
        var minutes = new double[CALLS];
        int cured = 0;
        for (int i = 0; i < CALLS; i++) {
            // The same seed for all, so that all get the same machines and complaints.
            var random = new Random(1_000L + i);
            var features = features(pack, random);
            var faults = faults(pack, features, random);
            var world = new World(pack, features, faults, random);
            var complaint = complaint(pack, world, random);
            cured += technician.work(pack, new Machine(features), complaint, world) ? 1 : 0;
            minutes[i] = world.minutes();
        }
        Arrays.sort(minutes);
        System.out.printf(
                "%-16s %-18s %8.1f %8.1f %7.0f%%%n",
                pack.id(),
                technician.name().toLowerCase().replace('_', ' '),
                Arrays.stream(minutes).average().orElseThrow(),
                minutes[(int) (0.9 * CALLS)],
                100.0 * cured / CALLS);
    }

    private static Set<String> features(Pack pack, Random random) {
        return pack.features().stream()
                .filter(feature -> random.nextDouble() < (feature.usual() ? 0.9 : 0.3))
                .map(Feature::id)
                .collect(Collectors.toSet());
    }

    /** Faults by their rates, given that there is at least one that the machine can have. */
    private static Set<String> faults(Pack pack, Set<String> features, Random random) {
        var possible = pack.faults().stream()
                .filter(fault -> fault.needs() == null || features.contains(fault.needs()))
                .filter(fault -> fault.at().isEmpty()
                        || pack.paths().stream()
                                .flatMap(path -> path.stations().stream())
                                .anyMatch(station -> fault.at().contains(station.id())
                                        && (station.needs() == null || features.contains(station.needs()))))
                .toList();
        var faults = new HashSet<String>();
        while (faults.isEmpty()) {
            for (var fault : possible) {
                if (random.nextDouble() < fault.rate()) {
                    faults.add(fault.id());
                }
            }
        }
        return faults;
    }

    /** Up to two signs that a customer tells unasked; somebody who sees nothing does not call. */
    private static List<Finding> complaint(Pack pack, World world, Random random) {
        var complaints = new ArrayList<Finding>();
        for (int tries = 0; complaints.isEmpty() && tries < 200; tries++) {
            for (var sign : pack.signs()) {
                if (sign.complaint() && world.has(sign.needs()) && complaints.size() < 2 && world.shows(sign)) {
                    complaints.add(new SignSettled(sign.id(), Answer.YES));
                }
            }
        }
        Collections.shuffle(complaints, random);
        return complaints;
    }
}
