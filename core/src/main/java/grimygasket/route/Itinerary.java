package grimygasket.route;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * How a day is expected to go in one order.
 *
 * @param arrivals in the order of the visits
 * @param driving minutes on the road, the way home among them
 * @param waiting minutes before doors at which nobody is expected yet
 * @param late minutes after the promised times, over all visits
 * @param overtime minutes after the end of the working day
 * @param home expected minute of the day at which the van is back
 */
public record Itinerary(
        List<Arrival> arrivals, double driving, double waiting, double late, double overtime, double home) {
    /** A minute too late at a door weighs as many on the road: estimate. */
    static final double LATE_WEIGHS = 3;

    /**
     * @param visit its id
     * @param driving minutes to get there
     * @param arrives expected minute of the day
     * @param spread standard deviation of that, in minutes
     * @param begins expected minute of the day at which the work begins, which is not before the promised time
     * @param ends expected minute of the day
     * @param chanceLate of coming after the promised time, 0 to 1
     */
    public record Arrival(
            UUID visit, double driving, double arrives, double spread, double begins, double ends, double chanceLate) {}

    /** Where somebody is, and when. */
    public record Start(double minute, @Nullable Location at) {}

    /** What the day costs, in minutes on the road: what is minimised. */
    public double cost() {
        return driving + waiting + overtime + LATE_WEIGHS * late;
    }

    /** @param order in which the visits are made */
    public static Itinerary of(Shift shift, Start start, List<Stop> order) {
        var arrivals = new ArrayList<Arrival>();
        var now = new Expected(start.minute(), 0);
        var at = start.at();
        double driving = 0;
        double waiting = 0;
        double late = 0;
        for (var stop : order) {
            double drive = Driving.minutes(at, stop.at());
            var arrives = now.plus(drive, Driving.spread(drive));
            var begins = arrives.notBefore(stop.window().from());
            now = begins.plus(stop.minutes(), stop.spread());
            at = stop.at();
            driving += drive;
            waiting += begins.mean() - arrives.mean();
            late += arrives.after(stop.window().until());
            arrivals.add(new Arrival(
                    stop.id(),
                    drive,
                    arrives.mean(),
                    arrives.spread(),
                    begins.mean(),
                    now.mean(),
                    arrives.chanceAfter(stop.window().until())));
        }
        double back = order.isEmpty() ? 0 : Driving.minutes(at, shift.home());
        var home = now.plus(back, Driving.spread(back));
        return new Itinerary(
                List.copyOf(arrivals),
                driving + back,
                waiting,
                late,
                order.isEmpty() ? 0 : home.after(shift.until()),
                home.mean());
    }
}
