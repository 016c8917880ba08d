package grimygasket.pack.work;

import grimygasket.pack.machine.Hazard;
import grimygasket.pack.machine.Needs;
import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;
import java.util.Locale;

/**
 * What can hurt at a step.
 *
 * @param id unique within the pack
 * @param title one or two words
 * @param text what to do about it; local codes and the maker's instructions come first
 * @param done what whoever has seen to it says, such as "Gloves on"; "Done" with the title where a pack does not say
 * @param hazard what is to be shut off, drained or kept away from; never null
 * @param needs what a machine must meet for it to matter, see {@link Needs}
 * @param wear what is put on against it, such as "gloves"; a tool of each step that it stands at
 */
public record Caution(
        String id, String title, String text, String done, Hazard hazard, List<String> needs, List<String> wear) {
    public Caution {
        Arguments.text("caution id", id);
        Arguments.text("title of caution " + id, title);
        Arguments.text("text of caution " + id, text);
        done = done == null ? "Done: " + title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1) : done;
        hazard = hazard == null ? Hazard.OTHER : hazard;
        needs = Lists.copy(needs);
        wear = Lists.copy(wear);
    }
}
