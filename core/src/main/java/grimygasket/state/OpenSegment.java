package grimygasket.state;

import grimygasket.call.Call;
import grimygasket.call.Knowhow;
import grimygasket.call.Learnt;
import grimygasket.pack.Pack;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Piece;
import grimygasket.pack.machine.WayIn;
import grimygasket.visit.Tray;
import grimygasket.visit.VisitRecord;
import grimygasket.visit.ring.Opening;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The segment Open: what comes off, and what of it is not on the tray yet.
 *
 * @param layers as this machine has them
 * @param ways in, of all that this machine may have
 * @param held piece id to who found it held otherwise than the know-how says, on earlier calls about the model
 * @param freeCups the next free cups for screws
 * @param toLay layer id to the ids of the pieces that are known to come off for work there and are not on the tray yet
 * @param wanted layer id, or nothing for work from outside, to the layers of which something is wanted on the tray when it is
 *     worked there
 */
public record OpenSegment(
        List<Layer> layers,
        List<WayOpen> ways,
        Map<String, Learner> held,
        List<String> freeCups,
        Map<String, List<String>> toLay,
        Map<String, List<String>> wanted) {
    /** More than a piece that nobody knew of has kinds of screws. */
    private static final int FREE_CUPS = 4;

    /**
     * A way in, with the choice that stands.
     *
     * @param way its id in the know-how
     * @param layers ids of the layers that it is about
     * @param choice id of the choice
     * @param found whether somebody has seen it on this call
     * @param learntFrom on which earlier calls about the model it was found, where that is what stands; null else
     */
    public record WayOpen(
            String way,
            List<String> layers,
            String choice,
            boolean found,
            @Nullable Learner learntFrom) {}

    /**
     * @param by who noted it last
     * @param calls that say so
     */
    public record Learner(String by, int calls) {}

    static OpenSegment of(Call call, VisitRecord visit, Knowhow knowhow) {
        var pack = knowhow.pack();
        var machine = knowhow.machine();
        var laid = visit.laid();
        var onTray = laid.stream()
                .map(piece -> piece.piece())
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
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
        return new OpenSegment(
                pack.layers(),
                pack.ways().stream()
                        .map(way -> way(way, pack, knowhow.learnt(), call))
                        .toList(),
                held(knowhow.learnt()),
                Tray.freeCups(laid).limit(FREE_CUPS).toList(),
                toLay,
                wanted);
    }

    private static WayOpen way(WayIn way, Pack pack, Learnt learnt, Call call) {
        var stands = way.taken(learnt.choices(call).get(way.id())).id();
        boolean found =
                call.job().ways().stream().anyMatch(line -> line.what().way().equals(way.id()));
        var earlier = learnt.ways().get(way.id());
        return new WayOpen(
                way.id(),
                way.about(pack.layers()),
                stands,
                found,
                earlier != null && earlier.choice().equals(stands) ? new Learner(earlier.by(), earlier.calls()) : null);
    }

    private static Map<String, Learner> held(Learnt learnt) {
        return learnt.pieces().entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        held -> new Learner(
                                held.getValue().by(), held.getValue().calls())));
    }

    private static List<String> ids(List<Layer> layers) {
        return layers.stream().map(Layer::id).toList();
    }
}
