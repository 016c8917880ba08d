package grimygasket.state;

import grimygasket.call.Knowhow;
import grimygasket.pack.Layer;
import grimygasket.pack.Piece;
import grimygasket.visit.Laid;
import grimygasket.visit.Opening;
import grimygasket.visit.Tray;
import grimygasket.visit.VisitRecord;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;

/**
 * The segment Open: what comes off, and what of it is not on the tray yet.
 *
 * @param freeCups the next free cups for screws
 * @param toLay layer id to the ids of the pieces that are known to come off for work there and are not on the tray yet
 * @param wanted layer id, or nothing for work from outside, to the layers of which something is wanted on the tray when it is
 *     worked there
 */
public record OpenSegment(List<String> freeCups, Map<String, List<String>> toLay, Map<String, List<String>> wanted) {
    /** More than a piece that nobody knew of has kinds of screws. */
    private static final int FREE_CUPS = 4;

    static OpenSegment of(VisitRecord visit, Knowhow knowhow) {
        var pack = knowhow.pack();
        var machine = knowhow.machine();
        var laid = visit.laid();
        var onTray = laid.stream().map(Laid::piece).filter(Objects::nonNull).collect(Collectors.toSet());
        var toLay = new HashMap<String, List<String>>();
        var wanted = new HashMap<String, List<String>>();
        wanted.put("", ids(Opening.wanted(pack, machine, visit, null)));
        for (var layer : pack.layers()) {
            toLay.put(
                    layer.id(),
                    Opening.proposed(pack, machine, layer.id(), onTray).stream()
                            .map(Piece::id)
                            .toList());
            wanted.put(layer.id(), ids(Opening.wanted(pack, machine, visit, layer.id())));
        }
        return new OpenSegment(Tray.freeCups(laid).limit(FREE_CUPS).toList(), toLay, wanted);
    }

    private static List<String> ids(List<Layer> layers) {
        return layers.stream().map(Layer::id).toList();
    }
}
