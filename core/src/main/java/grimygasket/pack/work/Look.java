package grimygasket.pack.work;

import grimygasket.pack.machine.Needs;
import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;

/**
 * Something to look at before the tools are packed up.
 *
 * @param id unique within the pack
 * @param text what is seen, for example "The drum turns by hand, and nothing was left in it."
 * @param needs see {@link Needs}
 */
public record Look(String id, String text, List<String> needs) {
    public Look {
        Arguments.text("id of a last look", id);
        Arguments.text("text of the last look " + id, text);
        needs = Lists.copy(needs);
    }
}
