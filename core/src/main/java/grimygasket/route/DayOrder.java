package grimygasket.route;

import grimygasket.route.Itinerary.Start;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * The order of a day's visits that costs least, see {@link Itinerary#cost}. Up to ten visits every order is looked at or ruled out, as it
 * would cost more than the best one known (branch and bound: Land and Doig, 1960); of more, visits are moved one at a time as long as that
 * helps.
 */
public final class DayOrder {
    /** So many are put in order exactly. */
    public static final int EXACT = 10;

    /** Orders that differ by less are alike: nobody drives another way for a second. */
    private static final double ALIKE = 1.0 / 60;

    private final Shift shift;
    private final Start start;
    private final List<Stop> stops;
    /** Minutes to each stop from wherever it is nearest. */
    private final double[] nearest;
    /** Minutes home from the nearest stop. */
    private final double nearestHome;

    private List<Stop> best;
    private double least;

    private DayOrder(Shift shift, Start start, List<Stop> stops) {
        this.shift = shift;
        this.start = start;
        this.stops = stops;
        this.best = stops;
        this.least = cost(stops);
        this.nearest = stops.stream()
                .mapToDouble(stop -> Stream.concat(
                                Stream.of(Driving.minutes(start.at(), stop.at())),
                                stops.stream()
                                        .filter(other -> other != stop)
                                        .map(other -> Driving.minutes(other.at(), stop.at())))
                        .min(Double::compare)
                        .orElseThrow())
                .toArray();
        this.nearestHome = stops.stream()
                .mapToDouble(stop -> Driving.minutes(stop.at(), shift.home()))
                .min()
                .orElse(0);
    }

    /** @param stops in the order that stays if none is better */
    public static List<Stop> best(Shift shift, Start start, List<Stop> stops) {
        var search = new DayOrder(shift, start, stops);
        search.descend();
        if (stops.size() <= EXACT) {
            search.branch(new ArrayList<>(), new boolean[stops.size()], new Expected(start.minute(), 0), 0);
        }
        return search.best;
    }

    private double cost(List<Stop> order) {
        return Itinerary.of(shift, start, order).cost();
    }

    private void take(List<Stop> order) {
        double cost = cost(order);
        if (cost < least - ALIKE) {
            best = List.copyOf(order);
            least = cost;
        }
    }

    /** Moves one visit at a time to where it costs least, until none is better elsewhere. */
    private void descend() {
        List<Stop> before;
        do {
            before = best;
            for (int from = 0; from < before.size(); from++) {
                for (int to = 0; to < before.size(); to++) {
                    var order = new ArrayList<>(before);
                    order.add(to, order.remove(from));
                    take(order);
                }
            }
        } while (best != before);
    }

    /**
     * @param order visits made so far
     * @param made which those are
     * @param now when the last of them ends
     * @param cost of them
     */
    private void branch(List<Stop> order, boolean[] made, Expected now, double cost) {
        if (cost + leastAhead(made) >= least - ALIKE) {
            return;
        }
        if (order.size() == stops.size()) {
            take(order);
            return;
        }
        var at = order.isEmpty() ? start.at() : order.get(order.size() - 1).at();
        for (int i = 0; i < made.length; i++) {
            if (!made[i]) {
                var stop = stops.get(i);
                double drive = Driving.minutes(at, stop.at());
                var arrives = now.plus(drive, Driving.spread(drive));
                var begins = arrives.notBefore(stop.window().from());
                double more = drive
                        + begins.mean()
                        - arrives.mean()
                        + Itinerary.LATE_WEIGHS * arrives.after(stop.window().until());
                order.add(stop);
                made[i] = true;
                branch(order, made, begins.plus(stop.minutes(), stop.spread()), cost + more);
                made[i] = false;
                order.remove(order.size() - 1);
            }
        }
    }

    /** No way through the visits that are left is shorter: each is driven to from somewhere, and home from one. */
    private double leastAhead(boolean[] made) {
        double ahead = nearestHome;
        for (int i = 0; i < made.length; i++) {
            ahead += made[i] ? 0 : nearest[i];
        }
        return ahead;
    }
}
