package grimygasket.pack;

import grimygasket.pack.machine.Fastening;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Piece;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A pack as it is for a machine whose ways in are known. */
public final class Ways {
    private Ways() {}

    /**
     * The pack with the layers and pieces of the ways chosen, and its pieces held as they were found.
     *
     * @param chosen id of a way in to that of its choice; what is not chosen is as expected, and what the pack does not have says nothing
     * @param found piece id to how it is held, which goes before what a choice says
     * @throws PackException if a way leads where it must not
     */
    public static Pack taken(Pack pack, Map<String, String> chosen, Map<String, Fastening> found) {
        var layers = new HashMap<String, Layer>();
        var pieces = new HashMap<String, Piece>();
        for (var way : pack.ways()) {
            var choice = way.taken(chosen.get(way.id()));
            choice.layers().forEach(layer -> layers.put(layer.id(), layer));
            choice.pieces().forEach(piece -> pieces.put(piece.id(), piece));
        }
        var taken = pack.layers().stream()
                .map(layer -> layers.getOrDefault(layer.id(), layer))
                .map(layer -> layer.with(layer.pieces().stream()
                        .map(piece -> pieces.getOrDefault(piece.id(), piece))
                        .map(piece -> found.containsKey(piece.id()) ? piece.held(found.get(piece.id())) : piece)
                        .toList()))
                .toList();
        return taken.equals(pack.layers()) ? pack : with(pack, taken);
    }

    /**
     * What is wrong with a pack once one of its ways is taken. Each is tried by itself: what a way breaks, it breaks whichever others
     * are taken, as hazards and cautions add up over the layers.
     *
     * @return a sentence for each problem
     */
    public static List<String> problems(Pack pack) {
        var problems = new ArrayList<String>();
        for (var way : pack.ways()) {
            for (var choice : way.choices()) {
                try {
                    taken(pack, Map.of(way.id(), choice.id()), Map.of());
                } catch (PackException e) {
                    e.problems().forEach(problem -> problems.add("choice " + choice.id() + ": " + problem));
                }
            }
        }
        return List.copyOf(problems);
    }

    private static Pack with(Pack pack, List<Layer> layers) {
        return new Pack(
                pack.id(),
                pack.name(),
                pack.referMinutes(),
                pack.unexplained(),
                pack.features(),
                layers,
                pack.paths(),
                pack.faults(),
                pack.symptoms(),
                pack.checks(),
                pack.remedies(),
                pack.proofs(),
                pack.parts(),
                pack.cautions(),
                pack.facts(),
                pack.schools(),
                pack.notes(),
                pack.habits(),
                pack.cadences(),
                pack.ratings(),
                pack.water(),
                pack.exclusive(),
                pack.sources(),
                pack.families(),
                // Behind the back panel there is no flap, so that nobody need say how it opens.
                pack.ways().stream().filter(way -> !way.about(layers).isEmpty()).toList(),
                pack.lastLook());
    }
}
