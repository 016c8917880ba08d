package grimygasket.server.calls;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Evidence;
import grimygasket.diagnosis.Machine;
import grimygasket.pack.Pack;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** The assessments that were asked for last: the same evidence on the same machine is always judged alike. */
final class Assessments {
    private static final int KEPT = 512;

    private final Map<Key, Assessment> kept = Collections.synchronizedMap(new LinkedHashMap<>(KEPT, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Assessment> eldest) {
            return size() > KEPT;
        }
    });

    /** A pack is known by its identity, as the library reads each once. */
    private record Key(Pack pack, Machine machine, Evidence evidence) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Key key
                    && key.pack == pack
                    && key.machine.equals(machine)
                    && key.evidence.equals(evidence);
        }

        @Override
        public int hashCode() {
            return 31 * (31 * System.identityHashCode(pack) + machine.hashCode()) + evidence.hashCode();
        }
    }

    Assessment of(Pack pack, Machine machine, Evidence evidence) {
        var key = new Key(pack, machine, evidence);
        var known = kept.get(key);
        if (known == null) {
            // Two at once judge twice, which is harmless.
            known = Diagnosis.assess(pack, machine, evidence);
            kept.put(key, known);
        }
        return known;
    }
}
