package grimygasket.diagnosis;

import grimygasket.diagnosis.Step.Prospect;
import grimygasket.diagnosis.StepReason.Kind;
import grimygasket.pack.Remedy;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;

/** Why a step is advised. */
final class Reasons {
    private final Network network;
    private final Belief now;
    private final Story story;

    Reasons(Network network, Belief now, Story story) {
        this.network = network;
        this.now = now;
        this.story = story;
    }

    /**
     * The step with its extra cost, and, if it is the best, with its reasons.
     *
     * @param isFirst whether it is the best
     * @param extra dearer than the best, in minutes; 0 for the best
     * @param lead how much dearer the second is than the best, in minutes
     */
    Step addTo(Step step, boolean isFirst, double extra, double lead) {
        return step.compared(extra, isFirst ? reasons(step, lead) : List.of());
    }

    private List<StepReason> reasons(Step step, double lead) {
        var reasons = new ArrayList<StepReason>();
        switch (step.kind()) {
            case ASK, FACT, CHECK -> {
                reasons.add(tellsApart(step.prospects()));
                if (step.kind() == Step.Kind.CHECK) {
                    reasons.add(access(step));
                }
            }
            case REMEDY -> {
                var remedy = network.pack.remedy(step.id());
                reasons.add(StepReason.of(Kind.LIKELY_CURE, now.chanceCured(remedy)));
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

    /** Names the causes that its answers would put first. */
    private StepReason tellsApart(List<Prospect> prospects) {
        var leaders = new LinkedHashSet<String>();
        prospects.forEach(prospect -> leaders.add(leader(prospect)));
        return new StepReason(leaders.size() > 1 ? Kind.TELLS_APART : Kind.FIRMS_UP, List.copyOf(leaders), 0);
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
