package grimygasket.bench;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Evidence;
import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Machine;
import grimygasket.knowhow.Shipped;
import grimygasket.pack.Caution;
import grimygasket.pack.Pack;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Whether chances come true: on simulated calls, some steps in, how often a fault that is given a chance is there. Once in
 * a world that is as the pack says, once in one whose rates are drawn anew within a factor of three, and a fifth of its
 * strengths likewise in their odds.
 */
public final class Calibration {
    private static final int CALLS = 1500;
    private static final int BINS = 10;
    private static final int MOST_STEPS = 4;
    private static final double FACTOR = 3;
    private static final double SHARE_CHANGED = 0.2;

    private Calibration() {}

    /** A chance that was given, and the one before any evidence, with the truth. */
    private record Given(double chance, double prior, boolean present) {}

    public static void main(String[] args) {
        System.out.printf(
                "%nHow chances come true, %d simulated calls after the complaint and up to %d steps%n%-16s %-14s %10s %10s %16s%n",
                CALLS, MOST_STEPS, "machine", "world", "error", "Brier", "Brier of priors");
        for (var kind : Shipped.KINDS) {
            var pack = Shipped.knowhow(kind).pack();
            print(pack, false);
            print(pack, true);
        }
    }

    private static void print(Pack pack, boolean differs) {
        var all = IntStream.range(0, CALLS)
                .parallel()
                .mapToObj(i -> call(pack, differs, i))
                .flatMap(List::stream)
                .toList();
        System.out.printf(
                "%-16s %-14s %10.4f %10.5f %16.5f%n",
                pack.id(),
                differs ? "differs" : "as the pack",
                error(all),
                all.stream()
                        .mapToDouble(one -> square(one.chance - (one.present ? 1 : 0)))
                        .average()
                        .orElse(0),
                all.stream()
                        .mapToDouble(one -> square(one.prior - (one.present ? 1 : 0)))
                        .average()
                        .orElse(0));
    }

    /** Expected calibration error: over ten equal ranges of chance, the mean distance of chance and share, by their counts. */
    private static double error(List<Given> all) {
        var chance = new double[BINS];
        var present = new double[BINS];
        for (var one : all) {
            int bin = Math.min(BINS - 1, (int) (BINS * one.chance));
            chance[bin] += one.chance;
            present[bin] += one.present ? 1 : 0;
        }
        double error = 0;
        for (int bin = 0; bin < BINS; bin++) {
            error += Math.abs(chance[bin] - present[bin]);
        }
        return error / all.size();
    }

    private static double square(double x) {
        return x * x;
    }

    private static List<Given> call(Pack pack, boolean differs, int number) {
        var random = new Random(21_000L + number);
        var truth = differs ? changed(pack, random) : pack;
        var machine = Draw.machine(pack, random);
        var faults = Draw.faults(truth, machine, random);
        var world = Draw.world(truth, machine, faults, random);
        var findings = new ArrayList<Finding>(Draw.complaint(truth, machine, world));
        var now = judge(pack, machine, findings);
        for (int step = random.nextInt(MOST_STEPS + 1); step > 0; step--) {
            var next = now.plan().next();
            switch (next.kind()) {
                case ASK -> findings.addAll(world.ask(truth, next));
                case FACT -> findings.add(world.learn(truth.fact(next.id())));
                case CHECK -> findings.add(world.check(truth.check(next.id())));
                case REMEDY, PROVE, REFER, STOP -> step = 0;
            }
            now = judge(pack, machine, findings);
        }
        return now.ranking().stream()
                .map(suspect -> new Given(suspect.chance(), suspect.prior(), faults.contains(suspect.fault())))
                .toList();
    }

    private static Assessment judge(Pack pack, Machine machine, List<Finding> findings) {
        Set<String> safe = pack.cautions().stream().map(Caution::id).collect(Collectors.toSet());
        return Diagnosis.assess(pack, machine, new Evidence(findings, Technician.van(pack), safe));
    }

    /** Another world than the pack's. */
    private static Pack changed(Pack pack, Random random) {
        var rates = Rewrite.faults(pack, fault -> Rewrite.rate(fault, odds(fault.rate(), factor(random))));
        return Rewrite.signs(rates, sign -> {
            var causes = sign.causes();
            for (var fault : sign.causes().keySet()) {
                if (random.nextDouble() < SHARE_CHANGED) {
                    double by = factor(random);
                    causes = Rewrite.changed(causes, fault, strength -> odds(strength, by));
                }
            }
            return Rewrite.causes(sign, causes);
        });
    }

    /** Between a third and three times, even on the scale of the logarithm. */
    private static double factor(Random random) {
        return Math.pow(FACTOR, 2 * random.nextDouble() - 1);
    }

    private static double odds(double chance, double factor) {
        double odds = factor * chance / (1 - chance);
        return odds / (1 + odds);
    }
}
