package grimygasket.pack.evidence;

import grimygasket.pack.machine.Needs;
import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;

/**
 * A sentence that stands at some checks and remedies where the machine or the technician's school asks for it.
 *
 * @param text one sentence
 * @param checks ids of the checks at which it stands
 * @param remedies ids of the remedies at which it stands
 * @param needs see {@link Needs}
 * @param cautions ids of the cautions that stand there because of it
 */
public record Hint(String text, List<String> checks, List<String> remedies, List<String> needs, List<String> cautions) {
    public Hint {
        Arguments.text("text of a hint", text);
        checks = Lists.copy(checks);
        remedies = Lists.copy(remedies);
        needs = Lists.copy(needs);
        cautions = Lists.copy(cautions);
        if (checks.isEmpty() && remedies.isEmpty()) {
            throw new IllegalArgumentException("the hint “" + text + "” stands nowhere");
        }
    }
}
