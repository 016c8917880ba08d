package grimygasket.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The tools of a piece of work: a driver for each screw that certainly comes out on the way there, then its own. */
record Tools(Map<String, Layer> layers) {

    /**
     * @param layer id of the layer that it is done in; null for work from outside
     * @param own what the work itself takes
     */
    List<String> of(String layer, List<String> own) {
        var tools = new ArrayList<>(own);
        for (var one = layers.get(layer); one != null; one = layers.get(one.within())) {
            certain(one)
                    .flatMap(piece -> piece.screws().stream())
                    .map(screws -> screws.drive() + " driver")
                    .filter(driver -> !tools.contains(driver))
                    .forEach(driver -> tools.add(0, driver));
        }
        return tools;
    }

    private static Stream<Piece> certain(Layer layer) {
        return layer.pieces().stream()
                .filter(piece -> !piece.optional() && piece.needs().isEmpty());
    }
}
