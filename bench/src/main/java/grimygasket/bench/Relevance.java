package grimygasket.bench;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.FactKnown;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.plan.Step;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.knowhow.Shipped;
import grimygasket.pack.Pack;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * How many of the questions and checks that the plan advises are beside the point: whichever of their likelier answers came,
 * the remedy that would be tried first stays the same. Each answer is put to the whole judgement, not to the plan's own
 * estimate of it.
 */
public final class Relevance {
    private static final int CALLS = 300;
    private static final int MOST_STEPS = 40;
    private static final double LIKELY = 0.01;

    private Relevance() {}

    private record Count(int steps, int beside) {}

    public static void main(String[] args) {
        System.out.printf(
                "%nSteps beside the point, %d simulated calls%n%-16s %10s %10s%n", CALLS, "machine", "steps", "beside");
        for (var kind : Shipped.KINDS) {
            var pack = Shipped.knowhow(kind).pack();
            var counts = IntStream.range(0, CALLS)
                    .parallel()
                    .mapToObj(i -> call(pack, i))
                    .toList();
            int steps = counts.stream().mapToInt(Count::steps).sum();
            int beside = counts.stream().mapToInt(Count::beside).sum();
            System.out.printf("%-16s %10d %9.1f%%%n", kind, steps, 100.0 * beside / steps);
        }
    }

    private static Count call(Pack pack, int number) {
        var random = new Random(31_000L + number);
        var machine = Draw.machine(pack, random);
        var world = Draw.world(pack, machine, random);
        var van = Technician.van(pack);
        var findings = new ArrayList<Finding>(Draw.complaint(pack, machine, world));
        var confirmed = new HashSet<String>();
        int steps = 0;
        int beside = 0;
        for (int i = 0; i < MOST_STEPS; i++) {
            var now = Diagnosis.assess(pack, machine, new Evidence(findings, van, confirmed));
            var next = now.plan().next();
            if (next.kind() == Step.Kind.ASK || next.kind() == Step.Kind.FACT || next.kind() == Step.Kind.CHECK) {
                steps++;
                beside += isBeside(pack, machine, findings, confirmed, now) ? 1 : 0;
            }
            switch (next.kind()) {
                case ASK -> findings.addAll(world.ask(pack, next));
                case FACT -> findings.add(world.learn(pack.fact(next.id())));
                case CHECK -> findings.add(world.check(pack.check(next.id())));
                case STOP -> confirmed.add(next.id());
                case REMEDY -> {
                    var tried = world.treat(pack.remedy(next.id()), van);
                    findings.add(tried);
                    i = tried.proved() == Proved.CURED ? MOST_STEPS : i;
                }
                case REFER, PROVE -> i = MOST_STEPS;
            }
        }
        return new Count(steps, beside);
    }

    private static boolean isBeside(
            Pack pack, Machine machine, List<Finding> findings, Set<String> confirmed, Assessment now) {
        var first = first(now);
        for (var prospect : now.plan().next().prospects()) {
            if (prospect.chance() >= LIKELY) {
                var then = new ArrayList<>(findings);
                then.addAll(answered(pack, now.plan().next(), prospect.outcome()));
                var after = Diagnosis.assess(pack, machine, new Evidence(then, Technician.van(pack), confirmed));
                if (!first(after).equals(first)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** What would be tried first, and whether that can be done at once. */
    private static String first(Assessment assessment) {
        var order = assessment.plan().order();
        var next = assessment.plan().next();
        var remedy = order.isEmpty() ? "none" : order.get(0).remedy();
        return remedy + (next.kind() == Step.Kind.REMEDY ? " now" : "");
    }

    private static List<? extends Finding> answered(Pack pack, Step step, String outcome) {
        if (step.kind() == Step.Kind.FACT) {
            return List.of(new FactKnown(step.id(), outcome));
        }
        if (step.kind() == Step.Kind.CHECK) {
            return List.of(new CheckMade(step.id(), outcome));
        }
        var question = pack.exclusive().stream()
                .filter(one -> one.id().equals(step.id()))
                .findFirst();
        if (question.isEmpty()) {
            return List.of(new SymptomSettled(step.id(), Answer.valueOf(outcome.toUpperCase())));
        }
        return outcome.equals("none")
                ? question.get().symptoms().stream()
                        .map(symptom -> new SymptomSettled(symptom, Answer.NO))
                        .toList()
                : List.of(new SymptomSettled(outcome, Answer.YES));
    }
}
