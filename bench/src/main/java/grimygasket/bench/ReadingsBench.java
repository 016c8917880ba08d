package grimygasket.bench;

import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.knowhow.Shipped;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;

/**
 * What a reading tells beyond the same check by eye: on simulated machines with one fault that concerns it, known by their
 * complaint, the chance that the diagnosis gives to the right fault.
 */
public final class ReadingsBench {
    private static final int CALLS = 300;

    private ReadingsBench() {}

    public static void main(String[] args) {
        System.out.printf(
                "%nChance given to the right fault, %d simulated calls a check%n%-16s %-22s %10s %10s %10s%n",
                CALLS, "machine", "check", "complaint", "by eye", "measured");
        for (var kind : Shipped.KINDS) {
            var pack = Shipped.knowhow(kind).pack();
            pack.checks().stream().filter(check -> check.measure() != null).forEach(check -> print(pack, check));
        }
    }

    private static void print(Pack pack, Check check) {
        var machine = Draw.machineFor(pack, check);
        var concerned = concerned(pack, machine, check);
        double[] sums = new double[3];
        for (int i = 0; i < CALLS; i++) {
            var fault = concerned.get(i % concerned.size());
            var random = new Random(31L * i);
            var world = Draw.world(pack, machine, Set.of(fault), random);
            var findings = new ArrayList<>(Draw.complaint(pack, machine, world));
            sums[0] += chance(pack, machine, findings, fault);
            sums[1] += chance(pack, machine, with(findings, world.check(check)), fault);
            sums[2] += chance(pack, machine, with(findings, world.measure(check)), fault);
        }
        System.out.printf(
                "%-16s %-22s %9.0f%% %9.0f%% %9.0f%%%n",
                pack.id(), check.id(), 100 * sums[0] / CALLS, 100 * sums[1] / CALLS, 100 * sums[2] / CALLS);
    }

    /** The faults that the check can accuse. */
    private static List<String> concerned(Pack pack, Machine machine, Check check) {
        return Draw.possible(pack, machine).stream()
                .map(fault -> fault.id())
                .filter(fault -> check.outcomes().stream()
                        .anyMatch(outcome -> pack.strengths(outcome).containsKey(fault)))
                .toList();
    }

    private static List<Finding> with(List<Finding> findings, Finding one) {
        var all = new ArrayList<>(findings);
        all.add(one);
        return all;
    }

    private static double chance(Pack pack, Machine machine, List<Finding> findings, String fault) {
        return Diagnosis.assess(pack, machine, new Evidence(findings, Technician.van(pack))).ranking().stream()
                .filter(suspect -> suspect.fault().equals(fault))
                .findFirst()
                .orElseThrow()
                .chance();
    }
}
