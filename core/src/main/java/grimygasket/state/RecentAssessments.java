package grimygasket.state;

import grimygasket.call.Call;
import grimygasket.call.Knowhow;
import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.belief.Recent;
import grimygasket.diagnosis.story.Van;
import java.util.List;

/**
 * What the diagnosis makes of calls. Most of what is entered says nothing of the cause, and the same evidence on the same machine is
 * always judged alike: the last ones are kept.
 */
public final class RecentAssessments {
    private final Recent<Assessment> recent;

    /** @param most how many are kept, above 0 */
    public RecentAssessments(int most) {
        this.recent = new Recent<>(most);
    }

    public Assessment of(Call call, Knowhow knowhow, Van van) {
        return recent.of(
                knowhow.pack(),
                List.of(
                        knowhow.machine(),
                        call.evidence(knowhow, van),
                        call.head().upkeep()),
                () -> call.assessment(knowhow, van));
    }
}
