package grimygasket.server.calls.known;

import grimygasket.diagnosis.Assessment;
import grimygasket.state.RecentAssessments;
import org.springframework.stereotype.Component;

/** What the diagnosis makes of calls on file, for all who look at them. */
@Component
public class Assessments {
    private static final int KEPT = 512;

    private final RecentAssessments recent = new RecentAssessments(KEPT);

    public Assessment of(Known known) {
        return recent.of(known.call(), known.knowhow(), known.circumstances().van());
    }
}
