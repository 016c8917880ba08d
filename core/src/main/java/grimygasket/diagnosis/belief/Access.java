package grimygasket.diagnosis.belief;

import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Power;
import grimygasket.pack.work.Proof;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * What it takes to reach a layer. Sets of open layers are bit masks over the pack's layers; to open a layer is to open
 * those around it first, and the time to close it again is charged with it.
 */
public final class Access {
    /** Nothing is open. */
    public static final long CLOSED = 0;

    private final List<Layer> layers;
    private final double[] minutes;
    private final Map<String, Long> chains = new HashMap<>();

    /** The layers that expose what can hurt, or be hurt, where the machine has power. */
    private final long exposing;

    /** Check id to the layers that are closed for it; for the others none are. */
    private final Map<String, Long> closedFor = new HashMap<>();

    Access(Pack pack) {
        layers = pack.layers();
        minutes = new double[layers.size()];
        for (int i = 0; i < layers.size(); i++) {
            var layer = layers.get(i);
            chains.put(layer.id(), chain(layer.within()) | 1L << i);
            minutes[i] = layer.openMinutes() + layer.closeMinutes();
        }
        exposing = mask(layer -> !layer.exposes().isEmpty());
        pack.checks().stream()
                .filter(Check::runs)
                .forEach(check -> closedFor.put(
                        check.id(), exposing & ~mask(layer -> check.mayBeOff().contains(layer.id()))));
    }

    private long mask(Predicate<Layer> wanted) {
        return IntStream.range(0, layers.size())
                .filter(i -> wanted.test(layers.get(i)))
                .mapToLong(i -> 1L << i)
                .sum();
    }

    /** The layer with all those around it; empty for null, the outside of the machine. */
    public long chain(String layer) {
        return layer == null ? CLOSED : chains.get(layer);
    }

    /** What is open once a check is made: what lies in its way was opened, and what would expose while it runs was closed. */
    public long after(Check check, long open) {
        return open & ~closedFor.getOrDefault(check.id(), CLOSED) | chain(check.layer());
    }

    /** What is still open once a proof is made. */
    public long after(Proof proof, long open) {
        return open & ~closedFor(proof);
    }

    /** The layers that are closed for a proof. */
    public long closedFor(Proof proof) {
        return proof.power() == Power.LIVE ? exposing : CLOSED;
    }

    /** Minutes to open what is not open yet, and to close it again afterwards. */
    public double minutes(long chain, long open) {
        return Bits.sum(chain & ~open, minutes);
    }

    /** The layers of a chain that are not open yet, outermost first. */
    public List<Layer> closed(long chain, long open) {
        var closed = new ArrayList<Layer>();
        long wanted = chain & ~open;
        for (int i = 0; wanted != 0; i++, wanted >>>= 1) {
            if ((wanted & 1) == 1) {
                closed.add(layers.get(i));
            }
        }
        return closed;
    }
}
