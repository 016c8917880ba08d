package grimygasket.bench;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.knowhow.Shipped;
import grimygasket.pack.Pack;
import grimygasket.pack.work.Caution;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Whether chances come true: on simulated calls, some steps in, how often what is given a chance is so. Once in a world that is as the
 * pack says, once in one whose rates are drawn anew (log-normal, a factor of three) and its strengths within a third. A call whose cause
 * is not listed comes as often as the pack says; it looks like one of a listed cause, and what is asked then answers as on a sound
 * machine.
 */
public final class Calibration {
    private static final int CALLS = 1500;
    private static final int BINS = 10;
    private static final int MOST_STEPS = 4;
    private static final double FACTOR = 3;
    private static final double WITHIN = 1.0 / 3;
    private static final double MOST = 0.99;

    private Calibration() {}

    /** What chances are given of. */
    private enum Of {
        FAULTS("all faults"),
        LEADING("leading cause"),
        TWO_COMPLAINTS("leading, two complaints"),
        TWO_FAULTS("leading, two faults"),
        NONE("none of these");

        private final String words;

        Of(String words) {
            this.words = words;
        }
    }

    /** A chance that was given, and whether it is so. */
    private record Given(Of of, double chance, boolean isSo) {}

    public static void main(String[] args) {
        System.out.printf(
                "%nHow chances come true, %d calls, up to %d steps in: calibration error%n", CALLS, MOST_STEPS);
        for (boolean differs : new boolean[] {false, true}) {
            var everywhere = new ArrayList<Given>();
            for (var kind : Shipped.KINDS) {
                var pack = Shipped.knowhow(kind).pack();
                var all = IntStream.range(0, CALLS)
                        .parallel()
                        .mapToObj(i -> call(pack, differs, i))
                        .flatMap(List::stream)
                        .toList();
                everywhere.addAll(all);
                print(kind + (differs ? ", differs" : ", as the pack"), all);
            }
            print(differs ? "all, differs" : "all, as the pack", everywhere);
            for (var of : List.of(Of.LEADING, Of.NONE)) {
                bins(of, everywhere);
            }
        }
    }

    private static void print(String name, List<Given> all) {
        System.out.printf("%-28s", name);
        for (var of : Of.values()) {
            var some = all.stream().filter(one -> one.of == of).toList();
            System.out.printf("  %s %.4f (%d)", of.words, error(some), some.size());
        }
        System.out.println();
    }

    /** In ten bins: how many, the mean chance, and how often it was so. */
    private static void bins(Of of, List<Given> all) {
        for (int bin = 0; bin < BINS; bin++) {
            var some = ofBin(bin, all.stream().filter(one -> one.of == of).toList());
            if (!some.isEmpty()) {
                System.out.printf(
                        "  %s %d0 %%: %d, %.3f, %.3f%n", of.words, bin, some.size(), chance(some), share(some));
            }
        }
    }

    private static List<Given> ofBin(int bin, List<Given> all) {
        return all.stream()
                .filter(one -> Math.min(BINS - 1, (int) (BINS * one.chance)) == bin)
                .toList();
    }

    private static double chance(List<Given> some) {
        return some.stream().mapToDouble(Given::chance).average().orElse(0);
    }

    private static double share(List<Given> some) {
        return (double) some.stream().filter(Given::isSo).count() / some.size();
    }

    /** Expected calibration error: over ten equal ranges of chance, the mean distance of chance and share, by their counts. */
    private static double error(List<Given> all) {
        double error = 0;
        for (int bin = 0; bin < BINS; bin++) {
            var some = ofBin(bin, all);
            error += some.isEmpty() ? 0 : some.size() * Math.abs(chance(some) - share(some));
        }
        return error / all.size();
    }

    private static List<Given> call(Pack pack, boolean differs, int number) {
        var random = new Random(21_000L + number);
        var truth = differs ? changed(pack, random) : pack;
        var machine = Draw.machine(pack, random);
        boolean unlisted = random.nextDouble() < judge(pack, machine, List.of()).noneOfThese();
        var shown = Set.<String>of();
        var complaints = List.<Finding>of();
        World world = null;
        // Who has nothing to complain of does not call.
        while (complaints.isEmpty()) {
            shown = Draw.faults(truth, machine, random);
            world = new World(truth, machine, shown, random.nextLong());
            complaints = Draw.complaint(truth, machine, world);
        }
        var faults = unlisted ? Set.<String>of() : shown;
        if (unlisted) {
            world = new World(truth, machine, Set.of(), random.nextLong());
        }
        var findings = new ArrayList<>(complaints);
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
        return given(now, faults, complaints.size());
    }

    private static List<Given> given(Assessment now, Set<String> faults, int complaints) {
        var given = new ArrayList<Given>();
        now.ranking()
                .forEach(
                        suspect -> given.add(new Given(Of.FAULTS, suspect.chance(), faults.contains(suspect.fault()))));
        var first = now.ranking().get(0);
        boolean isSo = faults.contains(first.fault());
        given.add(new Given(Of.LEADING, first.chance(), isSo));
        if (complaints > 1) {
            given.add(new Given(Of.TWO_COMPLAINTS, first.chance(), isSo));
        }
        if (faults.size() > 1) {
            given.add(new Given(Of.TWO_FAULTS, first.chance(), isSo));
        }
        given.add(new Given(Of.NONE, now.noneOfThese(), faults.isEmpty()));
        return given;
    }

    private static Assessment judge(Pack pack, Machine machine, List<Finding> findings) {
        Set<String> safe = pack.cautions().stream().map(Caution::id).collect(Collectors.toSet());
        return Diagnosis.assess(pack, machine, new Evidence(findings, Technician.van(pack), safe));
    }

    /** Another world than the pack's. */
    private static Pack changed(Pack pack, Random random) {
        var rates = Rewrite.faults(
                pack,
                fault -> Rewrite.rate(fault, odds(fault.rate(), Math.exp(Math.log(FACTOR) * random.nextGaussian()))));
        return Rewrite.symptoms(rates, symptom -> {
            var causes = symptom.causes();
            for (var fault : symptom.causes().keySet()) {
                double by = 1 + WITHIN * (2 * random.nextDouble() - 1);
                causes = Rewrite.changed(causes, fault, strength -> Math.min(MOST, strength * by));
            }
            return Rewrite.causes(symptom, causes);
        });
    }

    private static double odds(double chance, double factor) {
        double odds = factor * chance / (1 - chance);
        return odds / (1 + odds);
    }
}
