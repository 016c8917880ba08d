package grimygasket.server.calls;

import grimygasket.diagnosis.Assessment;
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
        var van = known.circumstances().van();
        return recent.of(
                knowhow.pack(),
                List.of(
                        knowhow.machine(),
                        call.evidence(knowhow, van),
                        call.head().upkeep()),
                () -> call.assessment(knowhow, van));
    }
}
