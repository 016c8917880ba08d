package grimygasket.pack.evidence;

import grimygasket.pack.machine.Needs;
import grimygasket.pack.machine.Power;
import grimygasket.pack.work.Competence;
import grimygasket.pack.work.Instruction;
import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A test with a method, made on the machine.
 *
 * @param id unique within the pack
 * @param name what is done, as an order
 * @param layer what must be open for it; null for a check from outside
 * @param minutes for the check alone, opening and closing not counted; 0 to 600
 * @param tools what to fetch first; in a pack, with the drivers for what comes off on the way
 * @param steps the method
 * @param timerSeconds for a method that waits; 0 for none
 * @param cautions ids of the cautions that stand at this step
 * @param needs what machine and technician must meet for it to make sense, see {@link Needs}
 * @param settles ids of the symptoms, facts and checks that need not be asked for once this check is made, because it shows them
 * @param outcomes at least two, in order of precedence
 * @param measure what can be measured at it; null where it is only looked at
 * @param phone how a customer is asked to make it by telephone; null where it needs somebody on site
 * @param known how its answer comes to be known; gives the errors of the outcomes that name none; null where all name theirs
 * @param after ids of the checks that come before it, because what they look at has to come out to reach this one
 * @param power whether the machine has power for it
 * @param mayBeOff ids of the layers that may be open while the machine has power for it
 * @param competence what whoever makes it has to be qualified for; null where any technician may
 */
public record Check(
        String id,
        String name,
        @Nullable String layer,
        double minutes,
        List<String> tools,
        List<Instruction> steps,
        int timerSeconds,
        List<String> cautions,
        List<String> needs,
        List<String> settles,
        List<Outcome> outcomes,
        @Nullable Measure measure,
        @Nullable String phone,
        @Nullable Grade known,
        List<String> after,
        Power power,
        List<String> mayBeOff,
        @Nullable Competence competence) {
    public Check {
        Arguments.text("check id", id);
        Arguments.text("name of check " + id, name);
        Arguments.minutes("minutes of check " + id, minutes);
        tools = Lists.copy(tools);
        steps = Lists.copy(steps);
        cautions = Lists.copy(cautions);
        needs = Lists.copy(needs);
        settles = Lists.copy(settles);
        outcomes = Lists.copy(outcomes).stream()
                .map(outcome -> known == null ? outcome : outcome.graded(known))
                .toList();
        after = Lists.copy(after);
        mayBeOff = Lists.copy(mayBeOff);
        Power.require("check " + id, power);
        if (outcomes.size() < 2) {
            throw new IllegalArgumentException("check " + id + " needs two outcomes or more");
        }
    }

    /** Whether the machine has power for it. */
    public boolean runs() {
        return power == Power.LIVE;
    }

    /** Whether it cannot be made without an instrument; a flow can be caught in a bucket. */
    public boolean needsInstrument() {
        return measure != null && measure.meter() != null && measure.meter() != Measure.Meter.FLOW;
    }

    /**
     * @throws IllegalArgumentException if the check has no such outcome
     */
    public int outcomeIndex(String outcome) {
        for (int i = 0; i < outcomes.size(); i++) {
            if (outcomes.get(i).id().equals(outcome)) {
                return i;
            }
        }
        throw new IllegalArgumentException("check " + id + " has no outcome " + outcome);
    }
}
