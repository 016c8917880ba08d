package grimygasket.diagnosis;

import grimygasket.diagnosis.Step.Prospect;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;

/** Says in a technician's words why a step is advised. */
final class Reasons {
    private final Network network;
    private final Belief now;
    private final Step second;

    /**
     * @param second the step that comes next in rank; null if there is only one
     */
    Reasons(Network network, Belief now, Step second) {
        this.network = network;
        this.now = now;
        this.second = second;
    }

    /**
     * The step with its extra cost, and, if it is the best, with its reasons.
     *
     * @param extra dearer than the best, in minutes; 0 for the best
     * @param lead how much dearer the second is than the best, in minutes
     */
    Step addTo(Step step, double extra, double lead) {
        return new Step(
                step.kind(),
                step.id(),
                step.name(),
                step.minutes(),
                step.accessMinutes(),
                step.opens(),
                step.part(),
                step.partOnVan(),
                step.expectedMinutes(),
                extra,
                step.prospects(),
                extra > 0 ? List.of() : reasons(step, lead));
    }

    private List<String> reasons(Step step, double lead) {
        var reasons = new ArrayList<String>();
        switch (step.kind()) {
            case ASK, CHECK -> {
                reasons.add(tellsApart(step.prospects()));
                if (step.kind() == Step.Kind.CHECK) {
                    reasons.add(access(step));
                }
            }
            case REMEDY -> {
                var remedy = network.pack.remedy(step.id());
                reasons.add(percent(now.chanceCured(remedy)) + " that this alone cures it: checking further first would"
                        + " cost more than it saves.");
                reasons.add(access(step));
            }
            case REFER ->
                reasons.add("What is known fits nothing listed well enough to go on: none of these, "
                        + percent(now.none()) + ".");
            case PROVE -> throw new IllegalArgumentException("a proof is not chosen among options");
        }
        if (second != null && lead >= 1) {
            reasons.add("Saves about " + Math.round(lead) + " min against the next best, “" + second.name() + "”.");
        }
        return List.copyOf(reasons);
    }

    /** Names the two answers that lead to different causes, or the one that says most. */
    private String tellsApart(List<Prospect> prospects) {
        var first = prospects.get(0);
        for (var other : prospects) {
            if (!Objects.equals(first.leader(), other.leader())) {
                return "Tells two causes apart: " + meaning(first) + "; " + meaning(other) + ".";
            }
        }
        var strongest = prospects.stream()
                .max(Comparator.comparingDouble(Prospect::leaderChance))
                .orElseThrow();
        return "Firms up the likeliest cause: " + meaning(strongest) + ".";
    }

    private String meaning(Prospect prospect) {
        var leader = prospect.leader() == null
                ? "none of these"
                : lowerFirst(network.pack.fault(prospect.leader()).name());
        return "“" + prospect.name() + "” makes it " + leader + ", " + percent(prospect.leaderChance());
    }

    private static String access(Step step) {
        return step.opens().isEmpty()
                ? "Nothing more has to be opened for it."
                : "Opening and closing again takes " + Math.round(step.accessMinutes()) + " min of it.";
    }

    private static String lowerFirst(String name) {
        return Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    private static String percent(double chance) {
        return chance >= 0.995 && chance < 1 ? "over 99%" : Math.round(100 * chance) + "%";
    }
}
