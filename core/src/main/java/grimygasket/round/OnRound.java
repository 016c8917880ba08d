package grimygasket.round;

import grimygasket.call.Call;
import grimygasket.call.Knowhow;
import grimygasket.call.change.Customer;
import grimygasket.call.change.Progress;
import grimygasket.diagnosis.Assessment;
import grimygasket.visit.ring.Upkeep;
import org.jspecify.annotations.Nullable;

/**
 * A call that is on somebody's round.
 *
 * @param assessment what the diagnosis makes of it
 */
public record OnRound(Call call, Customer customer, Knowhow knowhow, Assessment assessment) {
    /** Of the work on a visit for upkeep, as a share of it: estimate. */
    private static final double SPREAD_OF_UPKEEP = 0.2;
    /** Where the diagnosis says nothing of it: estimate. */
    private static final double USUAL_SPREAD = 0.4;

    public boolean isOpen() {
        return call.head().closing() == null;
    }

    /** Checks and remedies entered so far. */
    long stepsTaken() {
        return call.story().stream()
                .filter(entry -> entry.finding().takesWork())
                .count();
    }

    /** What a visit for upkeep has to do; null for a call that somebody made because of a fault. */
    @Nullable
    Upkeep upkeep(long now) {
        return Progress.of(call, knowhow, now).upkeep();
    }

    /**
     * Expected from now to the end.
     *
     * @param now in milliseconds since 1970
     */
    public double minutes(long now) {
        var upkeep = upkeep(now);
        return upkeep == null ? assessment.plan().expectedMinutes() : upkeep.minutes();
    }

    /**
     * Standard deviation of these minutes: of the times at which the remedies of the plan would be proved, each with the chance that it is the
     * one that cures.
     */
    public double spread(long now) {
        var order = assessment.plan().order();
        double cured = order.isEmpty() ? 0 : order.get(order.size() - 1).cured();
        if (call.head().upkeep() || cured == 0) {
            return (call.head().upkeep() ? SPREAD_OF_UPKEEP : USUAL_SPREAD) * minutes(now);
        }
        double mean = 0;
        double squares = 0;
        double before = 0;
        for (var milestone : order) {
            double chance = (milestone.cured() - before) / cured;
            mean += chance * milestone.minutes();
            squares += chance * milestone.minutes() * milestone.minutes();
            before = milestone.cured();
        }
        return Math.sqrt(Math.max(0, squares - mean * mean));
    }
}
