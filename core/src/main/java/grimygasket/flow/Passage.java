package grimygasket.flow;

import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Measure;
import grimygasket.pack.machine.Station;
import java.util.List;

/** The stations that what is measured has passed. */
public final class Passage {
    private Passage() {}

    /** Up to where it is read, or, for suction, from there on, as its air comes in there; none for a level. */
    public static List<Station> of(Pack pack, Measure measure) {
        if (measure.model() == Measure.Model.LEVEL) {
            return List.of();
        }
        var path = pack.pathOf(measure.station()).stations();
        int at = path.indexOf(pack.station(measure.station()));
        return measure.model() == Measure.Model.SUCTION ? path.subList(at, path.size()) : path.subList(0, at + 1);
    }
}
