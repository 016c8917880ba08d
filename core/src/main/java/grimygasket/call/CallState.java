package grimygasket.call;

import grimygasket.visit.Ring;
import grimygasket.visit.Upkeep;
import grimygasket.visit.VisitRecord;
import org.jspecify.annotations.Nullable;

/**
 * What follows from the facts about a call.
 *
 * @param upkeep what a visit for upkeep has to do; null for a call that somebody made because of a fault
 */
public record CallState(VisitRecord visit, @Nullable Upkeep upkeep, Ring ring) {

    /** @param now in milliseconds since 1970 */
    public static CallState of(Call call, Knowhow knowhow, long now) {
        var pack = knowhow.pack();
        var machine = knowhow.machine();
        var visit = call.visit(knowhow, now);
        if (!call.head().upkeep()) {
            return new CallState(visit, null, Ring.of(pack, machine, visit));
        }
        var upkeep = Upkeep.of(pack, machine, knowhow.before(), visit);
        return new CallState(visit, upkeep, Ring.ofUpkeep(pack, machine, upkeep, visit));
    }
}
