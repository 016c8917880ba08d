package grimygasket.diagnosis.belief;

import grimygasket.pack.Pack;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/** What was worked out last about packs and what is judged with them; the longest unasked for goes first. */
public final class Recent<V> {
    private final Map<Key, V> kept;

    /** @param most how many are kept, above 0 */
    public Recent(int most) {
        kept = Collections.synchronizedMap(new LinkedHashMap<>(most, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<Key, V> eldest) {
                return size() > most;
            }
        });
    }

    /** A pack is known by its identity: to compare its content would take longer than most that is kept. */
    private record Key(Pack pack, Object about) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Key key && key.pack == pack && key.about.equals(about);
        }

        @Override
        public int hashCode() {
            return 31 * System.identityHashCode(pack) + about.hashCode();
        }
    }

    /**
     * @param about what beside the pack the value follows from
     * @param make works it out; two at once make equal values twice, which is harmless
     */
    public V of(Pack pack, Object about, Supplier<V> make) {
        var key = new Key(pack, about);
        var known = kept.get(key);
        if (known == null) {
            known = make.get();
            kept.put(key, known);
        }
        return known;
    }
}
