package grimygasket.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The tools of a piece of work: what is put on against its cautions and those of the way there, a driver for each screw that certainly
 * comes out on that way, then its own.
 */
record Tools(Map<String, Layer> layers, Map<String, Caution> cautions) {
    static Tools of(List<Layer> layers, List<Caution> cautions) {
        return new Tools(
                layers.stream().collect(Collectors.toMap(Layer::id, layer -> layer)),
                cautions.stream().collect(Collectors.toMap(Caution::id, caution -> caution)));
    }

    /**
     * @param layer id of the layer that it is done in; null for work from outside
     * @param own what the work itself takes
     * @param under ids of the cautions that stand at it
     */
    List<String> of(String layer, List<String> own, List<String> under) {
        var tools = new ArrayList<>(own);
        var worn = new ArrayList<>(worn(under));
        for (var one = layers.get(layer); one != null; one = layers.get(one.within())) {
            worn.addAll(worn(one.cautions()));
            certain(one)
                    .flatMap(piece -> piece.screws().stream())
                    .map(screws -> screws.drive() + " driver")
                    .filter(driver -> !tools.contains(driver))
                    .forEach(driver -> tools.add(0, driver));
        }
        worn.stream().filter(one -> !tools.contains(one)).forEach(one -> tools.add(0, one));
        return tools;
    }

    /** What of these the work itself takes. */
    List<String> own(String layer, List<String> all, List<String> under) {
        var ofTheWay = of(layer, List.of(), under);
        return all.stream().filter(tool -> !ofTheWay.contains(tool)).toList();
    }

    private List<String> worn(List<String> under) {
        return under.stream()
                .map(cautions::get)
                .filter(caution -> caution.needs().isEmpty())
                .flatMap(caution -> caution.wear().stream())
                .toList();
    }

    private static Stream<Piece> certain(Layer layer) {
        return layer.pieces().stream()
                .filter(piece -> !piece.optional() && piece.needs().isEmpty());
    }
}
