package grimygasket.state;

import grimygasket.pack.Pack;
import grimygasket.pack.machine.Station;
import grimygasket.pack.work.Remedy;
import grimygasket.visit.VisitRecord;
import grimygasket.visit.ring.Curing;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The segment Cure.
 *
 * @param onlyDirty ids of the remedies at whose places something was found only dirty
 * @param stationsOf remedy id to the ids of the stations at which it works
 */
public record CureSegment(List<String> onlyDirty, Map<String, List<String>> stationsOf) {
    static CureSegment of(VisitRecord visit, Pack pack) {
        var stationsOf = new HashMap<String, List<String>>();
        pack.remedies()
                .forEach(remedy -> stationsOf.put(
                        remedy.id(),
                        Curing.stations(pack, remedy).stream().map(Station::id).toList()));
        return new CureSegment(
                Curing.onlyDirty(pack, visit.conditions()).stream()
                        .map(Remedy::id)
                        .toList(),
                stationsOf);
    }
}
