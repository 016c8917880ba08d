package grimygasket.visit;

import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Finding.Proved;
import grimygasket.diagnosis.Finding.RemedyTried;
import grimygasket.pack.Pack;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * The ring of a call: its segments in the order of the work, each sealed or with its gaps. A call may be closed when all
 * but the last are sealed, or when somebody gives a reason for the gaps.
 *
 * @param segments one for each {@link Stage}, in order
 */
public record Ring(List<Segment> segments) {
    public Ring {
        segments = List.copyOf(segments);
    }

    public static Ring of(Pack pack, VisitRecord visit) {
        var remedies = visit.findings().stream()
                .filter(RemedyTried.class::isInstance)
                .map(RemedyTried.class::cast)
                .toList();
        return new Ring(List.of(
                new Segment(Stage.CALL, call(visit)),
                new Segment(
                        Stage.SAFE,
                        Safety.unconfirmed(pack, visit).stream()
                                .map(caution -> "Not confirmed: “" + caution.title() + "”.")
                                .toList()),
                new Segment(Stage.FIND, find(remedies)),
                new Segment(Stage.CURE, cure(pack, visit, remedies)),
                new Segment(Stage.PROVE, prove(pack, remedies)),
                new Segment(Stage.HAND_OVER, visit.closed() ? List.of() : List.of("The call is not closed yet."))));
    }

    /** What is missing before the call can be closed without giving a reason. */
    public List<String> gapsBeforeClosing() {
        return segments.stream()
                .filter(segment -> segment.stage() != Stage.HAND_OVER)
                .flatMap(segment -> segment.gaps().stream())
                .toList();
    }

    private static List<String> call(VisitRecord visit) {
        var gaps = new ArrayList<String>();
        if (visit.complaint().isBlank()) {
            gaps.add("The complaint is not written down.");
        }
        if (visit.findings().stream().noneMatch(Ring::comesFromTheCustomer)) {
            gaps.add("No sign and no code is entered.");
        }
        return gaps;
    }

    private static boolean comesFromTheCustomer(Finding finding) {
        return finding instanceof Finding.SignSettled || finding instanceof Finding.CodeShown;
    }

    private static List<String> find(List<RemedyTried> remedies) {
        return remedies.isEmpty() ? List.of("No cause is settled on yet.") : List.of();
    }

    private static List<String> cure(Pack pack, VisitRecord visit, List<RemedyTried> remedies) {
        if (remedies.isEmpty()) {
            return List.of("Nothing is put right yet.");
        }
        var gaps = new ArrayList<String>();
        for (var tried : remedies) {
            var remedy = pack.remedy(tried.remedy());
            var counted = visit.partsCounted().getOrDefault(remedy.id(), Set.of());
            for (var part : remedy.parts()) {
                if (!counted.contains(part)) {
                    gaps.add("No " + pack.part(part).name().toLowerCase() + " is counted for “" + remedy.name() + "”.");
                }
            }
        }
        return gaps;
    }

    private static List<String> prove(Pack pack, List<RemedyTried> remedies) {
        if (remedies.isEmpty()) {
            return List.of("Nothing is proved yet.");
        }
        var last = remedies.get(remedies.size() - 1);
        var proof = pack.proof(pack.remedy(last.remedy()).proof());
        return last.proved() == Proved.CURED ? List.of() : List.of("Not proved yet: “" + proof.name() + "”.");
    }
}
