package grimygasket.visit;

import grimygasket.diagnosis.Machine;
import grimygasket.pack.Layer;
import grimygasket.pack.Pack;
import grimygasket.pack.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** The segment Open: what the opened layers are known to give lies on the tray, and every screw in a cup. */
public final class Opening {
    private Opening() {}

    static List<Gap> gaps(Pack pack, Machine machine, VisitRecord visit) {
        var gaps = new ArrayList<Gap>();
        for (var layer : unlaid(pack, machine, visit)) {
            var names = expected(layer, machine).stream().map(Piece::name).collect(Collectors.joining(", "));
            gaps.add(Gap.of("Not on the tray: " + names + "."));
        }
        visit.laid().stream()
                .filter(piece ->
                        piece.screws().stream().anyMatch(some -> some.cup().isBlank()))
                .map(piece -> Gap.of("The screws of “" + piece.name() + "” lie in no cup."))
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
