package grimygasket.visit;

import grimygasket.diagnosis.Finding;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What the record of a call says about how far it has come.
 *
 * @param complaint in the customer's words; may be blank
 * @param findings in order
 * @param partsCounted remedy id to the pack ids of the parts logged for it
 * @param cautionsKept ids of the cautions that were confirmed
 * @param closed whether the call is closed
 */
public record VisitRecord(
        String complaint,
        List<Finding> findings,
        Map<String, Set<String>> partsCounted,
        Set<String> cautionsKept,
        boolean closed) {
    public VisitRecord {
        findings = List.copyOf(findings);
        partsCounted = Map.copyOf(partsCounted);
        cautionsKept = Set.copyOf(cautionsKept);
    }
}
