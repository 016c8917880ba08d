package grimygasket.pack.machine;

import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;

/**
 * One place on a path.
 *
 * @param id unique within the pack, across its paths
 * @param name short enough to stand under a drawing
 * @param needs what a machine must meet to have it, see {@link Needs}
 */
public record Station(String id, String name, List<String> needs) {
    public Station {
        Arguments.text("station id", id);
        Arguments.text("name of station " + id, name);
        needs = Lists.copy(needs);
    }
}
