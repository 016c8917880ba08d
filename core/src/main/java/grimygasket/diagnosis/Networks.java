package grimygasket.diagnosis;

import grimygasket.pack.Pack;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** The networks of the machines that were judged last, as a machine is judged again after every entry. */
final class Networks {
    private static final int KEPT = 64;

    private static final Map<Key, Network> NETWORKS =
            Collections.synchronizedMap(new LinkedHashMap<>(KEPT, 0.75f, true) {
                @Override
                protected boolean removeEldestEntry(Map.Entry<Key, Network> eldest) {
                    return size() > KEPT;
                }
            });

    private Networks() {}

    /** A pack is known by its identity: to compare its content would take longer than to build the network. */
    private record Key(Pack pack, Machine machine, int most) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Key key && key.pack == pack && key.most == most && key.machine.equals(machine);
        }

        @Override
        public int hashCode() {
            return 31 * System.identityHashCode(pack) + machine.hashCode() + most;
        }
    }

    /**
     * @param most size of the largest set of faults considered
     */
    static Network of(Pack pack, Machine machine, int most) {
        var key = new Key(pack, machine, most);
        var kept = NETWORKS.get(key);
        if (kept == null) {
            // Two at once make equal networks twice, which is harmless.
            kept = new Network(pack, machine, most);
            NETWORKS.put(key, kept);
        }
        return kept;
    }
}
