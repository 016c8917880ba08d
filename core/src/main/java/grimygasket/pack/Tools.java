package grimygasket.pack;

import grimygasket.pack.evidence.Check;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Piece;
import grimygasket.pack.work.Remedy;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The tools of each piece of work: what is put on against its cautions and those of the way there, a driver for each screw that
 * certainly comes out on that way, then its own.
 *
 * @param checks check id to its tools
 * @param remedies remedy id to its tools
 */
public record Tools(Map<String, List<String>> checks, Map<String, List<String>> remedies) {
    public static Tools of(Pack pack) {
        return new Tools(
                pack.checks().stream().collect(Collectors.toMap(Check::id, check -> of(pack, check))),
                pack.remedies().stream().collect(Collectors.toMap(Remedy::id, remedy -> of(pack, remedy))));
    }

    public static List<String> of(Pack pack, Check check) {
        return of(pack, check.layer(), check.tools(), check.cautions());
    }

    public static List<String> of(Pack pack, Remedy remedy) {
        return of(pack, remedy.layer(), remedy.tools(), remedy.cautions());
    }

    private static List<String> of(Pack pack, String layer, List<String> own, List<String> under) {
        var tools = new ArrayList<>(own);
        var worn = new ArrayList<>(worn(pack, under));
        for (var id = layer; id != null; id = pack.layer(id).within()) {
            worn.addAll(worn(pack, pack.layer(id).cautions()));
            certain(pack.layer(id))
                    .flatMap(piece -> piece.screws().stream())
                    .map(screws -> screws.drive() + " driver")
                    .filter(driver -> !tools.contains(driver))
                    .forEach(driver -> tools.add(0, driver));
        }
        worn.stream().filter(one -> !tools.contains(one)).forEach(one -> tools.add(0, one));
        return List.copyOf(tools);
    }

    private static List<String> worn(Pack pack, List<String> under) {
        return under.stream()
                .map(pack::caution)
                .filter(caution -> caution.needs().isEmpty())
                .flatMap(caution -> caution.wear().stream())
                .toList();
    }

    private static Stream<Piece> certain(Layer layer) {
        return layer.pieces().stream()
                .filter(piece -> !piece.optional() && piece.needs().isEmpty());
    }
}
