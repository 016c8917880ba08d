package grimygasket.server.calls;

import grimygasket.call.Call;
import grimygasket.call.Knowhow;
import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Finding;
import java.util.List;

/**
 * A call with what the diagnosis makes of it.
 *
 * @param assessment without a plan for a visit for upkeep, where nothing is to be found
 */
public record Assessed(Known known, List<Finding> findings, Assessment assessment) {
    public Call call() {
        return known.call();
    }

    public Knowhow knowhow() {
        return known.knowhow();
    }
}
