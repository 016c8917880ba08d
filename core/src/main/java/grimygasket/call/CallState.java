package grimygasket.call;

import grimygasket.visit.Ring;
import grimygasket.visit.Upkeep;

/** What follows from the facts about a call. */
public final class CallState {
    private CallState() {}

    /** What a visit for upkeep has to do. */
    public static Upkeep upkeep(Call call, Knowhow knowhow, long now) {
        return Upkeep.of(knowhow.pack(), knowhow.machine(), knowhow.before(), call.visit(knowhow, now));
    }

    /**
     * @param now in milliseconds since 1970
     */
    public static Ring ring(Call call, Knowhow knowhow, long now) {
        var visit = call.visit(knowhow, now);
        return call.head().upkeep()
                ? Ring.ofUpkeep(knowhow.pack(), knowhow.machine(), upkeep(call, knowhow, now), visit)
                : Ring.of(knowhow.pack(), knowhow.machine(), visit);
    }
}
