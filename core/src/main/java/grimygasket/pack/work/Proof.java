package grimygasket.pack.work;

import grimygasket.pack.machine.Power;
import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a function is shown to work again.
 *
 * @param id unique within the pack
 * @param name the function, as it is when it works: "It drains"
 * @param minutes 0 to 600
 * @param steps the method
 * @param runs how often it must be seen to work, 1 to 9; 0 is taken for once
 * @param reading what is measured of it before and after; null where it is only looked at
 * @param light what is said of a light that only goes out in a run; null for none
 * @param nextUse what shows only under a real load, for the customer to look at; null for nothing
 * @param power whether the machine has power for it
 * @param shows ids of the proofs whose functions are seen to work as well: what sucks evenly has started, too
 * @param inPlace ids of the pieces that it needs, though the machine may run without them: a rack to set a bowl on
 * @param competence what whoever proves it has to be qualified for; null where any technician may
 */
public record Proof(
        String id,
        String name,
        double minutes,
        List<Instruction> steps,
        int runs,
        @Nullable Reading reading,
        @Nullable String light,
        @Nullable String nextUse,
        Power power,
        List<String> shows,
        List<String> inPlace,
        @Nullable Competence competence) {
    private static final int MOST_RUNS = 9;

    public Proof {
        Arguments.text("proof id", id);
        Arguments.text("name of proof " + id, name);
        Arguments.minutes("minutes of proof " + id, minutes);
        steps = Lists.copy(steps);
        Arguments.between("runs of proof " + id, runs, 0, MOST_RUNS);
        runs = Math.max(1, runs);
        shows = Lists.copy(shows);
        inPlace = Lists.copy(inPlace);
        Power.require("proof " + id, power);
    }
}
