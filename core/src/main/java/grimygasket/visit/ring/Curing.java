package grimygasket.visit.ring;

import grimygasket.diagnosis.belief.Causes;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.pack.Pack;
import grimygasket.pack.machine.Station;
import grimygasket.pack.work.Remedy;
import grimygasket.visit.PartCount;
import grimygasket.visit.VisitRecord;
import grimygasket.visit.line.Condition;
import grimygasket.visit.ring.Gap.Kind;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** The segment Cure: what was found, what was used, and where both went. */
public final class Curing {
    private Curing() {}

    static List<Gap> gaps(Pack pack, Machine machine, VisitRecord visit) {
        return visit.putsSomethingRight() ? workGaps(pack, machine, visit) : List.of(Gap.of(Kind.CURE));
    }

    /** What is missing about the work that was done, whether or not something was wrong. */
    static List<Gap> workGaps(Pack pack, Machine machine, VisitRecord visit) {
        var gaps = new ArrayList<Gap>();
        for (var tried : visit.remedies()) {
            var remedy = pack.remedy(tried.remedy());
            partGaps(pack, visit, remedy, gaps);
            causeGaps(pack, machine, visit, remedy, gaps);
            if (worked(tried) && remedy.layer() != null && noneNoted(pack, visit, remedy)) {
                gaps.add(Gap.of(Kind.FOUND, remedy.name()));
            }
        }
        for (var condition : visit.conditions()) {
            var station = pack.station(condition.station()).name();
            if (condition.before() != null && condition.after() == null) {
                gaps.add(Gap.of(Kind.OPEN_BY, station));
            }
            if (condition.solidsLeft()) {
                gaps.add(Gap.of(Kind.SOLIDS, station));
            }
        }
        return gaps;
    }

    /** The stations at which a remedy works: those of the faults that it cures, in the order of the paths. */
    public static List<Station> stations(Pack pack, Remedy remedy) {
        var at = new HashSet<String>();
        remedy.cures().keySet().forEach(fault -> at.addAll(pack.fault(fault).at()));
        var stations = new ArrayList<Station>();
        for (var path : pack.paths()) {
            for (var station : path.stations()) {
                if (at.contains(station.id())) {
                    stations.add(station);
                }
            }
        }
        return stations;
    }

    /** The remedies at whose stations something was found only dirty: it is cleaned and proved before a new part goes in. */
    public static List<Remedy> onlyDirty(Pack pack, List<Condition> conditions) {
        var dirty = conditions.stream()
                .filter(condition -> condition.wear() == Condition.Wear.DIRTY_ONLY)
                .map(Condition::station)
                .collect(Collectors.toSet());
        if (dirty.isEmpty()) {
            return List.of();
        }
        return pack.remedies().stream()
                .filter(remedy ->
                        stations(pack, remedy).stream().map(Station::id).anyMatch(dirty::contains))
                .toList();
    }

    private static boolean worked(RemedyTried tried) {
        return switch (tried.proved()) {
            case CURED, PARTLY, KEPT_UP -> true;
            case PENDING, STILL_FAILING -> false;
        };
    }

    private static boolean noneNoted(Pack pack, VisitRecord visit, Remedy remedy) {
        Set<String> noted = visit.conditions().stream().map(Condition::station).collect(Collectors.toSet());
        var stations = stations(pack, remedy);
        return !stations.isEmpty() && stations.stream().map(Station::id).noneMatch(noted::contains);
    }

    /** What brought it about brings it about again: for the lead alone to leave open. */
    private static void causeGaps(Pack pack, Machine machine, VisitRecord visit, Remedy remedy, List<Gap> gaps) {
        var open = Causes.open(pack, machine, visit.findings(), remedy);
        if (!open.isEmpty()) {
            var about = new ArrayList<String>(List.of(remedy.name()));
            open.forEach(fault -> about.add(pack.fault(fault).name()));
            gaps.add(new Gap(Kind.COMES_BACK, about));
        }
    }

    private static void partGaps(Pack pack, VisitRecord visit, Remedy remedy, List<Gap> gaps) {
        for (var id : remedy.parts()) {
            var part = pack.part(id);
            var name = part.name();
            var counted = visit.parts().stream()
                    .filter(one ->
                            one.remedy().equals(remedy.id()) && one.part().equals(id))
                    .toList();
            if (counted.isEmpty()) {
                gaps.add(Gap.of(Kind.PART, name, remedy.name()));
            } else {
                if (part.serial()
                        && counted.stream().anyMatch(one -> one.serial().isBlank())) {
                    gaps.add(Gap.of(Kind.SERIAL, name));
                }
                if (counted.stream().anyMatch(one -> one.oldPart() == PartCount.OldPart.UNSAID)) {
                    gaps.add(Gap.of(Kind.OLD_PART, name));
                }
            }
        }
    }
}
