package grimygasket.visit.ring;

import grimygasket.diagnosis.belief.Finding;
import grimygasket.visit.VisitRecord;
import grimygasket.visit.ring.Gap.Kind;
import java.util.ArrayList;
import java.util.List;

/** The segment Call: the complaint is written down, and something of what the customer sees. */
final class Listening {
    private Listening() {}

    static List<Gap> gaps(VisitRecord visit) {
        var gaps = new ArrayList<Gap>();
        if (visit.complaint().isBlank()) {
            gaps.add(Gap.of(Kind.COMPLAINT));
        }
        if (visit.findings().stream().noneMatch(Listening::comesFromTheCustomer)) {
            gaps.add(Gap.of(Kind.SYMPTOM));
        }
        return gaps;
    }

    private static boolean comesFromTheCustomer(Finding finding) {
        return finding instanceof Finding.SymptomSettled || finding instanceof Finding.CodeShown;
    }
}
