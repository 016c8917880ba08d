package grimygasket.round;

import grimygasket.route.DayOrder;
import grimygasket.route.Itinerary;
import grimygasket.route.Itinerary.Start;
import grimygasket.route.Shift;
import grimygasket.route.Stop;
import grimygasket.state.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * How what is left of somebody's day is expected to go.
 *
 * @param expected in the order in which it is planned
 * @param better an order that costs less; null where none is known
 */
public record DayPlan(Itinerary expected, @Nullable Better better) {
    /** For less nobody rings up customers: estimate. */
    private static final double WORTH_A_CHANGE = 5;

    /** Times are told in steps of so many minutes. */
    private static final int STEP = 5;

    /**
     * @param visits in that order, with the times for which they are planned then
     * @param expected how the day goes then
     * @param saves by how much less it costs, in minutes on the road
     */
    public record Better(List<Planned> visits, Itinerary expected, double saves) {}

    /** @param plannedAt minute of the day */
    public record Planned(UUID visit, int plannedAt) {}

    /** @param ahead null where nothing is left of the day */
    public static @Nullable DayPlan of(@Nullable DayAhead ahead) {
        return ahead == null ? null : of(ahead.shift(), ahead.start(), ahead.fixed(), ahead.rest());
    }

    private static DayPlan of(Shift shift, Start start, List<Stop> fixed, List<Stop> rest) {
        var expected = Itinerary.of(shift, start, DayAhead.joined(fixed, rest));
        var afterFixed = fixed.isEmpty()
                ? start
                : new Start(
                        expected.arrivals().get(fixed.size() - 1).ends(),
                        fixed.get(fixed.size() - 1).at());
        var order = DayAhead.joined(fixed, DayOrder.best(shift, afterFixed, rest));
        var other = Itinerary.of(shift, start, order);
        double saves = expected.cost() - other.cost();
        var planned = planned(
                order.subList(fixed.size(), order.size()), other.arrivals().subList(fixed.size(), order.size()));
        return new DayPlan(expected, saves < WORTH_A_CHANGE ? null : new Better(planned, other, saves));
    }

    /**
     * Each as early as its work is expected to begin, not before it was promised, and one after the other.
     *
     * @param expected of the same visits, in the same order
     */
    public static List<Planned> planned(List<Stop> order, List<Itinerary.Arrival> expected) {
        var planned = new ArrayList<Planned>();
        int after = 0;
        for (int i = 0; i < order.size(); i++) {
            int minute = (int) Math.floor(expected.get(i).begins() / STEP) * STEP;
            minute = Math.max(order.get(i).window().from(), minute);
            after = Math.min(Zone.MINUTES_OF_A_DAY - 1, Math.max(after + 1, minute));
            planned.add(new Planned(order.get(i).id(), after));
        }
        return planned;
    }
}
