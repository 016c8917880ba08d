package grimygasket.knowhow;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.plan.Step;
import grimygasket.diagnosis.plan.Step.Prospect;
import grimygasket.diagnosis.plan.StepReason;
import grimygasket.pack.Pack;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Holds each reason that is given for a step against the numbers that are shown beside it. */
record TrueReasons(Pack pack, Machine machine, Assessment assessment) {
    /** Planning leaves out up to one part in a hundred of what may be. */
    private static final double LEFT_OUT = 0.011;

    private static final double SAME = 1e-6;

    /** What is said of the next step and is not true. */
    List<String> lies() {
        var next = assessment.plan().next();
        return next == null
                ? List.of()
                : next.reasons().stream()
                        .filter(reason -> !isTrue(next, reason))
                        .map(reason -> next.kind() + " " + next.id() + " for no such reason: " + reason)
                        .toList();
    }

    private boolean isTrue(Step step, StepReason reason) {
        double amount = reason.amount();
        return switch (reason.kind()) {
            case TELLS_APART -> likely(step).map(this::leader).distinct().count() > 1;
            case FIRMS_UP -> {
                var chances = likely(step).mapToDouble(Prospect::leaderChance).summaryStatistics();
                yield likely(step).map(this::leader).distinct().count() == 1
                        && chances.getMax() - chances.getMin() > 0.005;
            }
            case DECIDES -> step.prospects().size() > 1;
            case COMES_BEFORE -> {
                var first = pack.remedy(assessment.plan().order().get(0).remedy());
                yield first.name().equals(reason.about().get(0))
                        && (!first.after().isEmpty() || first.causesFirst());
            }
            case CURES -> amount >= 0.05 && Math.abs(amount - (1 - stillFails(step))) < LEFT_OUT;
            case TAKES_AWAY ->
                amount >= 0.05
                        && assessment.ranking().stream()
                                .anyMatch(one -> pack.fault(one.fault())
                                                .name()
                                                .equals(reason.about().get(0))
                                        && one.chance() >= amount - SAME);
            case ASKING_COSTS_MORE ->
                assessment.plan().alternatives().stream()
                        .filter(other -> other.kind() == Step.Kind.ASK
                                || other.kind() == Step.Kind.FACT
                                || other.kind() == Step.Kind.CHECK)
                        .allMatch(other -> other.extraCost() > 0);
            case SAVES ->
                Math.abs(amount
                                - assessment.plan().alternatives().stream()
                                        .mapToDouble(Step::extraCost)
                                        .min()
                                        .orElse(-1))
                        < SAME;
            case NOTHING_TO_OPEN -> step.reach().opens().isEmpty();
            case OPENING ->
                !step.reach().opens().isEmpty() && amount == step.reach().minutes();
            case FITS_NOTHING ->
                amount == assessment.noneOfThese()
                        && amount >= assessment.ranking().get(0).chance();
            case NO_CURE -> isLeader(reason) && !isCurable(reason);
            case ALL_TRIED, TOO_DEAR -> isLeader(reason) && isCurable(reason);
            case NO_POWER, NOT_OURS, NOT_QUALIFIED, DANGER ->
                pack.symptoms().stream()
                        .anyMatch(symptom -> symptom.alarm() != null
                                && symptom.name().equals(reason.about().get(0)));
            case RUN_SHOWS -> step.kind() == Step.Kind.PROVE;
        };
    }

    private static Stream<Prospect> likely(Step step) {
        return step.prospects().stream().filter(one -> one.chance() >= 0.01);
    }

    private String leader(Prospect one) {
        return one.leader() == null ? "" : one.leader();
    }

    private static double stillFails(Step step) {
        return step.prospects().stream()
                .collect(Collectors.toMap(Prospect::outcome, Prospect::chance))
                .get("still-failing");
    }

    private boolean isLeader(StepReason reason) {
        var first = assessment.ranking().get(0);
        return pack.fault(first.fault()).name().equals(reason.about().get(0))
                && Math.abs(first.chance() - reason.amount()) < SAME;
    }

    private boolean isCurable(StepReason reason) {
        return pack.remedies().stream()
                .filter(remedy -> machine.meets(remedy.needs()))
                .flatMap(remedy -> remedy.cures().keySet().stream())
                .anyMatch(
                        fault -> pack.fault(fault).name().equals(reason.about().get(0)));
    }
}
