package grimygasket.diagnosis;

import grimygasket.diagnosis.Step.Prospect;
import grimygasket.pack.Remedy;
import java.util.ArrayList;
import java.util.List;

/** Says in a technician's words why a step is advised. */
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

    private List<String> reasons(Step step, double lead) {
        var reasons = new ArrayList<String>();
        switch (step.kind()) {
            case ASK, FACT, CHECK -> {
                reasons.add(tellsApart(step.prospects()));
                if (step.kind() == Step.Kind.CHECK) {
                    reasons.add(access(step));
                }
            }
            case REMEDY -> {
                var remedy = network.pack.remedy(step.id());
                reasons.add(percent(now.chanceCured(remedy))
                        + " that this alone cures it; checking further first would cost more than it saves.");
                reasons.add(access(step));
            }
            case REFER -> reasons.add(refer());
            case PROVE, STOP -> throw new IllegalArgumentException(step.kind() + " is not chosen among options");
        }
        if (lead >= 1) {
            reasons.add("Saves about " + Math.round(lead) + " min against the next best step.");
        }
        return List.copyOf(reasons);
    }

    /** Why nothing listed is worth trying: the one of several reasons that is the case. */
    private String refer() {
        var chances = now.marginals();
        int leader = 0;
        for (int f = 1; f < chances.length; f++) {
            leader = chances[f] > chances[leader] ? f : leader;
        }
        if (chances.length == 0 || now.none() >= chances[leader]) {
            return "What is known fits nothing listed well enough to go on: none of these, " + percent(now.none())
                    + ".";
        }
        var fault = network.faults.get(leader);
        var suspect = "“" + fault.name() + "” is the likeliest, " + percent(chances[leader]);
        var cures = network.remedies.stream()
                .filter(remedy -> remedy.cures().containsKey(fault.id()))
                .map(Remedy::id)
                .toList();
        if (cures.isEmpty()) {
            return suspect + ", and nothing listed cures it on this machine.";
        }
        return story.tried().containsAll(cures)
                ? suspect + ", and all that is listed for it has been tried."
                : suspect + ", but what is left to try would cost more than it is likely to save.";
    }

    /** Names the causes that its answers would put first. */
    private String tellsApart(List<Prospect> prospects) {
        var leaders = prospects.stream().map(this::leader).distinct().toList();
        return leaders.size() > 1
                ? "Tells apart: " + String.join(", ", leaders) + "."
                : "Firms up or weakens: " + leaders.get(0) + ".";
    }

    private String leader(Prospect prospect) {
        return prospect.leader() == null
                ? "none of these"
                : lowerFirst(network.pack.fault(prospect.leader()).name());
    }

    private static String access(Step step) {
        return step.reach().opens().isEmpty()
                ? "Nothing more to open."
                : "Opening and closing again take " + Math.round(step.reach().minutes()) + " min of it.";
    }

    private static String lowerFirst(String name) {
        return Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }

    private static String percent(double chance) {
        return chance >= 0.995 && chance < 1 ? "over 99%" : Math.round(100 * chance) + "%";
    }
}
