package grimygasket.route;

import grimygasket.route.Itinerary.Start;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The order of a day's visits that costs least, see {@link Itinerary#cost}. Up to ten visits it is exact, by dynamic programming over the sets
 * of visits made (Held and Karp, 1962): of all ways to have made a set and to stand at its last door, one that is later, less certain and has
 * cost more lateness is never better from there on, as every later time rises with the mean and the spread of an earlier one. Of more
 * visits, one is moved at a time as long as that helps.
 */
public final class DayOrder {
    /** So many are put in order exactly. */
    public static final int EXACT = 10;

    /** Orders that differ by less are alike: nobody drives another way for a second. */
    private static final double ALIKE = 1.0 / 60;

    /** The same minutes added up in another order differ in their last bits: without it, no way of many that are alike would ever be let go. */
    private static final double NOTHING = 1e-3;

    private final Shift shift;
    private final Start start;
    private final List<Stop> stops;
    /** Minutes to each stop from wherever it is nearest. */
    private final double[] nearest;
    /** Minutes home from the nearest stop. */
    private final double nearestHome;
    /** By the set of visits made; null until it is asked for. */
    private final Left[] left;

    private List<Stop> best;
    private double least;

    /**
     * A way to have made some visits.
     *
     * @param last index of the last of them
     * @param before the way without it; null for none
     * @param ends when its work ends
     * @param late minutes late so far
     * @param cost so far
     */
    private record Way(int last, @Nullable Way before, Expected ends, double late, double cost) {
        /** Whether the rest of the day costs no more after this way than after another one that ends at the same door. */
        boolean isNoWorseThan(Way other) {
            return ends.mean() <= other.ends.mean() + NOTHING
                    && ends.variance() <= other.ends.variance() + NOTHING
                    && late <= other.late + NOTHING;
        }
    }

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
        this.left = new Left[stops.size() <= EXACT ? 1 << stops.size() : 0];
    }

    /** @param stops in the order that stays if none is better */
    public static List<Stop> best(Shift shift, Start start, List<Stop> stops) {
        var search = new DayOrder(shift, start, stops);
        search.descend();
        if (stops.size() <= EXACT) {
            search.allSets();
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

    /** Every set of visits, from none to all, with the ways to have made it that may still become the best. */
    private void allSets() {
        int count = stops.size();
        int all = (1 << count) - 1;
        var ways = new ArrayList<List<Way>>();
        for (int i = 0; i <= all; i++) {
            ways.add(new ArrayList<>());
        }
        for (int i = 0; i < count; i++) {
            add(ways.get(1 << i), after(null, i), (1 << i));
        }
        for (int made = 1; made < all; made++) {
            for (var way : ways.get(made)) {
                for (int i = 0; i < count; i++) {
                    if ((made & 1 << i) == 0) {
                        add(ways.get(made | 1 << i), after(way, i), made | 1 << i);
                    }
                }
            }
            ways.set(made, List.of());
        }
        ways.get(all).forEach(way -> take(order(way)));
    }

    private Way after(@Nullable Way way, int next) {
        var stop = stops.get(next);
        double drive =
                Driving.minutes(way == null ? start.at() : stops.get(way.last).at(), stop.at());
        var arrives = (way == null ? new Expected(start.minute(), 0) : way.ends).plus(drive, Driving.spread(drive));
        var begins = arrives.notBefore(stop.window().from());
        double late = arrives.after(stop.window().until());
        return new Way(
                next,
                way,
                begins.plus(stop.minutes(), stop.spread()),
                late + (way == null ? 0 : way.late),
                drive + begins.mean() - arrives.mean() + Itinerary.LATE_WEIGHS * late + (way == null ? 0 : way.cost));
    }

    private void add(List<Way> known, Way way, int made) {
        if (way.cost + leastAhead(made, way.ends.mean()) >= least - ALIKE) {
            return;
        }
        for (var other : known) {
            if (other.last == way.last && other.isNoWorseThan(way)) {
                return;
            }
        }
        known.removeIf(other -> other.last == way.last && way.isNoWorseThan(other));
        known.add(way);
    }

    /**
     * What the visits that are left cost at least. Each is driven to from wherever it is nearest, and home from one. The k-th of them is reached
     * no earlier than after the k shortest drives and the k − 1 shortest works; and no order is late by less than one in which the k-th has
     * the k-th of the promised times, as what is late grows ever faster.
     *
     * @param now mean of when the last of the others ends
     */
    private double leastAhead(int made, double now) {
        var left = left(made);
        double driving = 0;
        double at = now;
        double late = 0;
        for (int k = 0; k < left.drives.length; k++) {
            driving += left.drives[k];
            at += left.drives[k];
            late += Math.max(0, at - left.untils[k]);
            at += left.works[k];
        }
        return driving + nearestHome + Itinerary.LATE_WEIGHS * late + Math.max(0, at + nearestHome - shift.until());
    }

    /**
     * Of the visits that are left.
     *
     * @param drives shortest first, each from wherever it is nearest
     * @param works minutes, shortest first
     * @param untils promised times, earliest first
     */
    private record Left(double[] drives, double[] works, double[] untils) {}

    private Left left(int made) {
        if (left[made] == null) {
            int count = stops.size() - Integer.bitCount(made);
            var drives = new double[count];
            var works = new double[count];
            var untils = new double[count];
            int k = 0;
            for (int i = 0; i < stops.size(); i++) {
                if ((made & 1 << i) == 0) {
                    drives[k] = nearest[i];
                    works[k] = stops.get(i).minutes();
                    untils[k++] = stops.get(i).window().until();
                }
            }
            Arrays.sort(drives);
            Arrays.sort(works);
            Arrays.sort(untils);
            left[made] = new Left(drives, works, untils);
        }
        return left[made];
    }

    private List<Stop> order(Way way) {
        var order = new ArrayList<Stop>();
        for (var one = way; one != null; one = one.before) {
            order.add(0, stops.get(one.last));
        }
        return order;
    }
}
