package grimygasket.diagnosis.plan;

import grimygasket.diagnosis.belief.Belief;
import grimygasket.diagnosis.belief.Network;
import grimygasket.diagnosis.plan.Step.Prospect;
import grimygasket.diagnosis.plan.StepReason.Kind;
import grimygasket.diagnosis.story.Story;
import grimygasket.pack.work.Remedy;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Why a step is advised. */
final class Reasons {
    /** A remedy less likely than this to cure is not said to. */
    private static final double LIKELY = 0.05;

    /** An answer less likely than this is not spoken of. */
    private static final double SELDOM = 0.01;

    /** A change of a chance by less than this is none that anybody sees. */
    private static final double SEEN = 0.01;

    private final Network network;
    private final Belief now;
    private final Story story;

    Reasons(Network network, Belief now, Story story) {
        this.network = network;
        this.now = now;
        this.story = story;
    }

    /**
     * Why the best step is.
     *
     * @param waiting name of the remedy that waits for it; null where none does
     * @param decides whether its answers lead to different next steps
     * @param lead how much dearer the cheapest other step is, in minutes; below 0 where that is cheaper
     * @param asking how much dearer the cheapest question or check is
     */
    List<StepReason> of(Step step, @Nullable String waiting, boolean decides, double lead, double asking) {
        var reasons = new ArrayList<StepReason>();
        switch (step.kind()) {
            case ASK, FACT, CHECK -> {
                if (waiting != null) {
                    reasons.add(StepReason.of(Kind.COMES_BEFORE, waiting));
                } else {
                    tellsApart(step.prospects(), decides).ifPresent(reasons::add);
                }
                if (step.kind() == Step.Kind.CHECK) {
                    reasons.add(access(step));
                }
            }
            case REMEDY -> {
                remedy(network.pack.remedy(step.id())).ifPresent(reasons::add);
                if (asking > 0) {
                    reasons.add(StepReason.of(Kind.ASKING_COSTS_MORE));
                }
                reasons.add(access(step));
            }
            case REFER -> reasons.add(refer());
            case PROVE, STOP -> throw new IllegalArgumentException(step.kind() + " is not chosen among options");
        }
        if (lead >= 1) {
            reasons.add(StepReason.of(Kind.SAVES, lead));
        }
        return List.copyOf(reasons);
    }

    /** What a remedy brings: a cure, or, where more is wrong, one cause less. */
    private Optional<StepReason> remedy(Remedy remedy) {
        double cured = now.chanceCured(remedy);
        if (cured >= LIKELY) {
            return Optional.of(StepReason.of(Kind.CURES, cured));
        }
        var chances = now.marginals();
        var cures = network.cures(remedy);
        int most = 0;
        for (int f = 1; f < chances.length; f++) {
            most = chances[f] * cures[f] > chances[most] * cures[most] ? f : most;
        }
        double gone = chances[most] * cures[most];
        return gone < LIKELY
                ? Optional.empty()
                : Optional.of(StepReason.of(
                        Kind.TAKES_AWAY, gone, network.faults.get(most).name()));
    }

    /** Why nothing listed is worth trying: the one of several reasons that is the case. */
    private StepReason refer() {
        var chances = now.marginals();
        int leader = 0;
        for (int f = 1; f < chances.length; f++) {
            leader = chances[f] > chances[leader] ? f : leader;
        }
        if (chances.length == 0 || now.none() >= chances[leader]) {
            return StepReason.of(Kind.FITS_NOTHING, now.none());
        }
        var fault = network.faults.get(leader);
        var cures = network.remedies.stream()
                .filter(remedy -> remedy.cures().containsKey(fault.id()))
                .map(Remedy::id)
                .toList();
        var tried = story.tried().containsAll(cures) ? Kind.ALL_TRIED : Kind.TOO_DEAR;
        return StepReason.of(cures.isEmpty() ? Kind.NO_CURE : tried, chances[leader], fault.name());
    }

    /** What its answers, but for unlikely ones, make of the causes. */
    private Optional<StepReason> tellsApart(List<Prospect> prospects, boolean decides) {
        var likely = prospects.stream().filter(one -> one.chance() >= SELDOM).toList();
        var leaders = new LinkedHashSet<String>();
        likely.forEach(one -> leaders.add(leader(one)));
        if (leaders.size() > 1) {
            return Optional.of(new StepReason(Kind.TELLS_APART, List.copyOf(leaders), 0));
        }
        var chances = likely.stream().mapToDouble(Prospect::leaderChance).summaryStatistics();
        if (chances.getMax() - chances.getMin() >= SEEN) {
            return Optional.of(new StepReason(Kind.FIRMS_UP, List.copyOf(leaders), 0));
        }
        return decides ? Optional.of(StepReason.of(Kind.DECIDES)) : Optional.empty();
    }

    private String leader(Prospect prospect) {
        return prospect.leader() == null
                ? ""
                : network.pack.fault(prospect.leader()).name();
    }

    private static StepReason access(Step step) {
        return step.reach().opens().isEmpty()
                ? StepReason.of(Kind.NOTHING_TO_OPEN)
                : StepReason.of(Kind.OPENING, step.reach().minutes());
    }
}
