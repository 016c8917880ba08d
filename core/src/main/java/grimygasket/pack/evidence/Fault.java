package grimygasket.pack.evidence;

import grimygasket.pack.machine.Needs;
import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Something that can be wrong with a machine.
 *
 * @param id unique within the pack
 * @param name for example "Air gap blocked"
 * @param at the stations where it stands, on one path or several; empty for a fault beside the paths
 * @param rate chance that a machine which worked before has come to have it by the day of the call; between 0 and 1
 * @param blocks chance that it visibly hinders the flow past its station when present; 0 to 1
 * @param danger a caution of the pack that is shown as long as the fault is possible, however improbable; null for none
 * @param open how far it leaves its station open when it does so; left out, what is usual
 * @param needs what a machine must meet for it to occur, see {@link Needs}
 * @param broughtBy fault id to the chance that this fault, while it is there, has brought this one about by the day of the
 *     call; between 0 and 1
 * @param words what else people call it, for the search
 */
public record Fault(
        String id,
        String name,
        List<String> at,
        double rate,
        double blocks,
        OpenShare open,
        @Nullable String danger,
        List<String> needs,
        Map<String, Double> broughtBy,
        List<String> words) {
    public Fault {
        Arguments.text("fault id", id);
        Arguments.text("name of fault " + id, name);
        at = Lists.copy(at);
        needs = Lists.copy(needs);
        Arguments.open("rate of fault " + id, rate);
        Arguments.share("blocks of fault " + id, blocks);
        open = open == null ? OpenShare.USUAL : open;
        broughtBy = Lists.copy(broughtBy);
        broughtBy.forEach((cause, chance) -> Arguments.open("chance that " + cause + " brings " + id, chance));
        words = Lists.copy(words);
    }
}
