package grimygasket.bench;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.plan.Step;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.knowhow.Shipped;
import grimygasket.pack.Pack;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/**
 * How often the first step changes when one rate or strength is wrong by a factor of two in its odds. The number is drawn
 * among all of the pack, or among those about the three likeliest faults of the moment, where it matters most. Also says
 * how much the step that was changed to costs, by the right numbers.
 */
public final class Robustness {
    private static final int CALLS = 1000;
    private static final int LIKELIEST = 3;

    private Robustness() {}

    /** One number of a pack: what it is about, and the pack with it changed. */
    private record Number(String fault, UnaryOperator<Pack> changed) {}

    private record Trial(boolean moved, double extraMinutes) {}

    public static void main(String[] args) {
        System.out.printf(
                "%nOne number's odds doubled or halved, %d simulated calls after 0 to 4 steps%n%-16s %-28s %14s %20s%n",
                CALLS, "machine", "number drawn", "step changes", "then dearer by");
        for (var kind : Shipped.KINDS) {
            var pack = Shipped.knowhow(kind).pack();
            print(pack, false);
            print(pack, true);
        }
    }

    private static void print(Pack pack, boolean aboutLikeliest) {
        var trials = IntStream.range(0, CALLS)
                .parallel()
                .mapToObj(i -> trial(pack, aboutLikeliest, i))
                .toList();
        var moved = trials.stream().filter(Trial::moved).toList();
        System.out.printf(
                "%-16s %-28s %13.1f%% %15.1f min%n",
                pack.id(),
                aboutLikeliest ? "about the three likeliest" : "any of the pack",
                100.0 * moved.size() / CALLS,
                moved.stream().mapToDouble(Trial::extraMinutes).average().orElse(0));
    }

    private static Trial trial(Pack pack, boolean aboutLikeliest, int number) {
        var random = new Random(7_000L + number);
        var machine = Draw.machine(pack, random);
        var world = Draw.world(pack, machine, random);
        var findings = new ArrayList<>(Draw.complaint(pack, machine, world));
        var right = judge(pack, machine, findings);
        for (int steps = random.nextInt(5); steps > 0 && isQuestion(right); steps--) {
            var next = right.plan().next();
            switch (next.kind()) {
                case ASK -> findings.addAll(world.ask(pack, next));
                case FACT -> findings.add(world.learn(pack.fact(next.id())));
                default -> findings.add(world.check(pack.check(next.id())));
            }
            right = judge(pack, machine, findings);
        }
        var numbers = numbers(pack, random.nextBoolean() ? 2 : 0.5);
        if (aboutLikeliest) {
            var likeliest = right.ranking().stream()
                    .limit(LIKELIEST)
                    .map(suspect -> suspect.fault())
                    .toList();
            numbers.removeIf(one -> !likeliest.contains(one.fault));
        }
        var changed = numbers.get(random.nextInt(numbers.size())).changed.apply(pack);
        var wrong = judge(changed, machine, findings).plan().next();
        boolean moved = !isSame(wrong, right.plan().next());
        return new Trial(
                moved,
                right.plan().alternatives().stream()
                        .filter(step -> isSame(step, wrong))
                        .mapToDouble(Step::extraCost)
                        .findFirst()
                        .orElse(0));
    }

    private static Assessment judge(Pack pack, Machine machine, Collection<Finding> findings) {
        return Diagnosis.assess(pack, machine, new Evidence(List.copyOf(findings), Technician.van(pack)));
    }

    private static boolean isQuestion(Assessment assessment) {
        return switch (assessment.plan().next().kind()) {
            case ASK, FACT, CHECK -> true;
            case REMEDY, PROVE, REFER, STOP -> false;
        };
    }

    private static boolean isSame(Step one, Step other) {
        return one.kind() == other.kind() && one.id().equals(other.id());
    }

    /** All rates and strengths of a pack, each with the pack in which its odds are multiplied. */
    private static List<Number> numbers(Pack pack, double factor) {
        UnaryOperator<Double> change = number -> {
            double odds = factor * number / (1 - number);
            return odds / (1 + odds);
        };
        var numbers = new ArrayList<Number>();
        for (var fault : pack.faults()) {
            numbers.add(new Number(
                    fault.id(), p -> Rewrite.faults(p, f -> f == fault ? Rewrite.rate(f, change.apply(f.rate())) : f)));
        }
        for (var symptom : pack.symptoms()) {
            for (var fault : symptom.causes().keySet()) {
                numbers.add(new Number(
                        fault,
                        p -> Rewrite.symptoms(
                                p,
                                s -> s == symptom
                                        ? Rewrite.causes(s, Rewrite.changed(s.causes(), fault, change))
                                        : s)));
            }
        }
        for (var check : pack.checks()) {
            for (var outcome : check.outcomes()) {
                for (var fault : outcome.causes().keySet()) {
                    numbers.add(new Number(
                            fault,
                            p -> Rewrite.checks(
                                    p,
                                    c -> c == check
                                            ? Rewrite.outcomes(
                                                    c,
                                                    c.outcomes().stream()
                                                            .map(o -> o == outcome
                                                                    ? Rewrite.causes(
                                                                            o,
                                                                            Rewrite.changed(o.causes(), fault, change))
                                                                    : o)
                                                            .toList())
                                            : c)));
                }
            }
        }
        for (var remedy : pack.remedies()) {
            for (var fault : remedy.cures().keySet()) {
                numbers.add(new Number(
                        fault,
                        p -> Rewrite.remedies(
                                p,
                                r -> r == remedy ? Rewrite.cures(r, Rewrite.changed(r.cures(), fault, change)) : r)));
            }
        }
        return numbers;
    }
}
