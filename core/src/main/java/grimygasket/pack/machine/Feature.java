package grimygasket.pack.machine;

import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something that one machine of a kind has and another lacks; it adds or removes stations, faults, symptoms, checks and
 * remedies.
 *
 * @param id unique within the pack
 * @param name as a technician says it
 * @param usual whether to assume it on a machine not yet looked at
 * @param group a machine has at most one of the features of a group; null for a feature by itself
 * @param cautions ids of the cautions that stand wherever a machine with it is moved, opened or run
 */
public record Feature(
        String id, String name, boolean usual, @Nullable String group, List<String> cautions) {
    public Feature {
        Arguments.text("feature id", id);
        Arguments.text("name of feature " + id, name);
        cautions = Lists.copy(cautions);
    }
}
