package grimygasket.pack.work;

import grimygasket.pack.machine.Needs;
import grimygasket.pack.machine.Power;
import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Something done to put a fault right.
 *
 * @param id unique within the pack
 * @param name what is done, as an order
 * @param layer what must be open for it; null for one done from outside
 * @param minutes for the work alone, without opening, closing and proof; 0 to 600
 * @param cures fault id to the chance that it cures this fault, between 0 and 1
 * @param tools what to fetch first; in a pack, with the drivers for what comes off on the way
 * @param steps the method, from the gentlest means up
 * @param dryMinutes how long what was washed has to dry before it goes back; 0 to 2880
 * @param parts ids of the parts it uses up
 * @param cautions ids of the cautions that stand at this step
 * @param proof the proof of the pack that shows whether it worked
 * @param needs what machine and technician must meet for it to be advised, see {@link Needs}
 * @param licensed who else does it where whoever is there is not qualified, for example "gas fitter"; null for nobody in particular
 * @param after ids of the checks that come before it, because what they look at has to come out to reach it
 * @param causesFirst whether it is never done before all that brings its faults is cleared or cured
 * @param spare id of a part that can go in while the washed one dries; null where there is none
 * @param meanwhile what can be done while it dries; null where nobody has said
 * @param leave whether the customer can put it back when it is dry
 * @param power whether the machine has power for the work; its proof says that for itself
 * @param competence what whoever does it has to be qualified for; null where any technician may, or, of a licensed one, nobody of ours
 */
public record Remedy(
        String id,
        String name,
        @Nullable String layer,
        double minutes,
        Map<String, Double> cures,
        List<String> tools,
        List<Instruction> steps,
        double dryMinutes,
        List<String> parts,
        List<String> cautions,
        String proof,
        List<String> needs,
        @Nullable String licensed,
        List<String> after,
        boolean causesFirst,
        @Nullable String spare,
        @Nullable String meanwhile,
        boolean leave,
        Power power,
        @Nullable Competence competence) {
    private static final double TWO_DAYS = 2880;

    public Remedy {
        Arguments.text("remedy id", id);
        Arguments.text("name of remedy " + id, name);
        Arguments.minutes("minutes of remedy " + id, minutes);
        cures = Lists.copy(cures);
        if (cures.isEmpty()) {
            throw new IllegalArgumentException("remedy " + id + " cures nothing");
        }
        cures.forEach((fault, chance) -> Arguments.open("chance that remedy " + id + " cures " + fault, chance));
        tools = Lists.copy(tools);
        steps = Lists.copy(steps);
        Arguments.between("dryMinutes of remedy " + id, dryMinutes, 0, TWO_DAYS);
        parts = Lists.copy(parts);
        cautions = Lists.copy(cautions);
        needs = Lists.copy(needs);
        after = Lists.copy(after);
        Power.require("remedy " + id, power);
        Arguments.text("proof of remedy " + id, proof);
    }

    /** Whether somebody with those competences does it themselves; else it is handed on. */
    public boolean isFor(Set<Competence> held) {
        return competence == null ? licensed == null : held.contains(competence);
    }
}
