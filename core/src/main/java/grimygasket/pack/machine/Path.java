package grimygasket.pack.machine;

import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;

/**
 * A way that water, air, heat or electric power takes through the machine: stations in the order of the flow.
 *
 * @param id unique within the pack
 * @param name for example "Drain"
 * @param medium what flows
 * @param stations in the order of the flow; at least one
 */
public record Path(String id, String name, Medium medium, List<Station> stations) {
    /** What flows along a path. */
    public enum Medium {
        WATER,
        AIR,
        HEAT,
        POWER
    }

    public Path {
        Arguments.text("path id", id);
        Arguments.text("name of path " + id, name);
        stations = Lists.copy(stations);
        if (stations.isEmpty()) {
            throw new IllegalArgumentException("path " + id + " has no stations");
        }
    }
}
