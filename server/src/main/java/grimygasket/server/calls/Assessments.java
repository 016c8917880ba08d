package grimygasket.server.calls;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Evidence;
import grimygasket.diagnosis.Recent;
import java.util.List;
import org.springframework.stereotype.Component;

/** What the diagnosis makes of calls; the same evidence on the same machine is always judged alike, and kept. */
@Component
public class Assessments {
    private static final int KEPT = 512;

    private final Recent<Assessment> recent = new Recent<>(KEPT);

    public Assessment of(Known known) {
        var call = known.call();
        var knowhow = known.knowhow();
        var evidence = new Evidence(call.findings(knowhow), known.van(), call.confirmed());
        var assessment = recent.of(
                knowhow.pack(),
                List.of(knowhow.machine(), evidence),
                () -> Diagnosis.assess(knowhow.pack(), knowhow.machine(), evidence));
        return call.head().upkeep() ? assessment.withoutPlan() : assessment;
    }
}
