package grimygasket.diagnosis;

import grimygasket.diagnosis.Assessment.Suspect;
import grimygasket.diagnosis.Assessment.Turn;
import grimygasket.diagnosis.plan.Plan;
import grimygasket.diagnosis.plan.Step;
import grimygasket.diagnosis.plan.Ties;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;

/** What would change the mind: the answers after which another cause would be the likeliest. */
final class Turns {
    private static final Set<Step.Kind> KINDS = Set.of(Step.Kind.ASK, Step.Kind.FACT, Step.Kind.CHECK);
    private static final int MOST = 6;

    /** An answer less likely than this is not worth naming. */
    private static final double LEAST_CHANCE = 0.02;

    private Turns() {}

    static List<Turn> of(Plan plan, List<Suspect> ranking, double noneOfThese) {
        if (plan.next() == null || ranking.isEmpty()) {
            return List.of();
        }
        var first = ranking.get(0);
        var leader = noneOfThese > first.chance() ? null : first.fault();
        var turns = new ArrayList<Turn>();
        Stream.concat(Stream.of(plan.next()), plan.alternatives().stream())
                .filter(step -> KINDS.contains(step.kind()))
                .forEach(step -> step.prospects().stream()
                        .filter(answer -> answer.chance() >= LEAST_CHANCE && !Objects.equals(answer.leader(), leader))
                        .map(answer -> new Turn(
                                step.kind(),
                                step.id(),
                                step.name(),
                                answer.name(),
                                answer.chance(),
                                answer.leader(),
                                answer.leaderChance()))
                        .forEach(turns::add));
        turns.sort(Ties.descending(Turn::chance));
        return List.copyOf(turns.subList(0, Math.min(MOST, turns.size())));
    }
}
