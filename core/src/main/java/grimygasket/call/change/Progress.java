package grimygasket.call.change;

import grimygasket.call.Call;
import grimygasket.call.Knowhow;
import grimygasket.diagnosis.plan.Plan;
import grimygasket.pack.Pack;
import grimygasket.visit.VisitRecord;
import grimygasket.visit.ring.Ring;
import grimygasket.visit.ring.Stage;
import grimygasket.visit.ring.Upkeep;
import org.jspecify.annotations.Nullable;

/**
 * How far the work on a call has come.
 *
 * @param upkeep what a visit for upkeep has to do; null for a call that somebody made because of a fault
 */
public record Progress(VisitRecord visit, @Nullable Upkeep upkeep, Ring ring) {

    /** @param now in milliseconds since 1970 */
    public static Progress of(Call call, Knowhow knowhow, long now) {
        var pack = knowhow.pack();
        var machine = knowhow.machine();
        var visit = call.visit(knowhow, now);
        if (!call.head().upkeep()) {
            return new Progress(visit, null, Ring.of(pack, machine, visit));
        }
        var upkeep = Upkeep.of(pack, machine, knowhow.before(), visit);
        return new Progress(visit, upkeep, Ring.ofUpkeep(pack, machine, upkeep, visit));
    }

    /** Where the work stands, by what the diagnosis would do next. */
    public Stage stands(Pack pack, Plan plan) {
        return upkeep == null ? ring.stands(pack, visit, plan) : ring.stands(visit, upkeep);
    }
}
