package grimygasket.diagnosis;

import grimygasket.pack.Layer;
import grimygasket.pack.Pack;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What it takes to reach a layer. Sets of open layers are bit masks over the pack's layers; to open a layer is to open
 * those around it first, and the time to close it again is charged with it.
 */
final class Access {
    /** Nothing is open. */
    static final long CLOSED = 0;

    private final List<Layer> layers;
    private final double[] minutes;
    private final Map<String, Long> chains = new HashMap<>();

    Access(Pack pack) {
        layers = pack.layers();
        minutes = new double[layers.size()];
        for (int i = 0; i < layers.size(); i++) {
            var layer = layers.get(i);
            chains.put(layer.id(), chain(layer.within()) | 1L << i);
            minutes[i] = layer.openMinutes() + layer.closeMinutes();
        }
    }

    /** The layer with all those around it; empty for null, the outside of the machine. */
    long chain(String layer) {
        return layer == null ? CLOSED : chains.get(layer);
    }

    /** Minutes to open what is not open yet, and to close it again afterwards. */
    double minutes(long chain, long open) {
        return Bits.sum(chain & ~open, minutes);
    }

    /** The layers of a chain that are not open yet, outermost first. */
    List<Layer> closed(long chain, long open) {
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
