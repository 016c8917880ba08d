package grimygasket.visit.ring;

import grimygasket.diagnosis.belief.Machine;
import grimygasket.pack.Pack;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Piece;
import grimygasket.util.Distinct;
import grimygasket.visit.VisitRecord;
import grimygasket.visit.line.Laid;
import grimygasket.visit.ring.Gap.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The segment Open: what the opened layers are known to give lies on the tray, and every screw in a cup. */
public final class Opening {
    private Opening() {}

    static List<Gap> gaps(Pack pack, Machine machine, VisitRecord visit) {
        var gaps = new ArrayList<Gap>();
        for (var layer : unlaid(pack, machine, visit)) {
            gaps.add(new Gap(
                    Kind.PIECES,
                    expected(layer, machine).stream().map(Piece::name).toList()));
        }
        visit.laid().stream()
                .filter(piece ->
                        piece.screws().stream().anyMatch(some -> some.cup().isBlank()))
                .map(piece -> Gap.of(Kind.CUP, piece.name()))
                .forEach(gaps::add);
        return gaps;
    }

    /** The layers that the work so far has opened, from which something comes off, and nothing lies on the tray. */
    public static List<Layer> unlaid(Pack pack, Machine machine, VisitRecord visit) {
        return visit.opened(pack).stream()
                .filter(layer -> !expected(layer, machine).isEmpty())
                .filter(layer ->
                        visit.laid().stream().noneMatch(piece -> layer.id().equals(piece.layer())))
                .toList();
    }

    /**
     * Layers of which something is wanted on the tray: those that were opened without one, and for the work ahead those from
     * which nothing lies on it yet.
     *
     * @param ahead id of the layer in which is worked next; null for work from outside
     */
    public static List<Layer> wanted(Pack pack, Machine machine, VisitRecord visit, String ahead) {
        var begun = visit.laid().stream().map(Laid::layer).collect(Collectors.toSet());
        var toOpen = pack.chain(ahead).stream()
                .filter(layer ->
                        !begun.contains(layer.id()) && !pieces(layer, machine).isEmpty());
        return Stream.concat(unlaid(pack, machine, visit).stream(), toOpen).collect(Distinct.toList());
    }

    private static List<Piece> expected(Layer layer, Machine machine) {
        return pieces(layer, machine).stream()
                .filter(piece -> !piece.optional())
                .toList();
    }

    /**
     * What is known to come off for the work in a layer, and is not on the tray yet, outermost first.
     *
     * @param layer its id; null for work from outside
     * @param laid ids of the pack's pieces that are on the tray
     */
    public static List<Piece> proposed(Pack pack, Machine machine, String layer, Set<String> laid) {
        return pack.chain(layer).stream()
                .flatMap(one -> pieces(one, machine).stream())
                .filter(piece -> !laid.contains(piece.id()))
                .toList();
    }

    private static List<Piece> pieces(Layer layer, Machine machine) {
        return layer.pieces().stream()
                .filter(piece -> machine.meets(piece.needs()))
                .toList();
    }
}
