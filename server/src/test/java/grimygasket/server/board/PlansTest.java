package grimygasket.server.board;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.call.Head;
import grimygasket.round.DayAhead;
import grimygasket.route.DayOrder;
import grimygasket.route.Driving;
import grimygasket.route.Itinerary.Start;
import grimygasket.route.Location;
import grimygasket.route.Shift;
import grimygasket.route.Stop;
import grimygasket.route.Window;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.function.ToDoubleBiFunction;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/**
 * Plans of drawn days against what people do without one: whoever is free first takes the next window, or the nearest visit. With
 * {@code -Dplans=5,20} the table of {@code docs/benchmarks.md} is printed, see {@code scripts/plans}.
 */
public class PlansTest {
    private static final Shift SHIFT = new Shift(480, 1020, new Location(54, 2));
    private static final Start MORNING = new Start(480, SHIFT.home());
    private static final int VISITS_A_VAN = 6;

    private static List<Stop> drawn(Random random, int count) {
        var stops = new ArrayList<Stop>();
        for (int i = 0; i < count; i++) {
            int from = 480 + 60 * random.nextInt(7);
            stops.add(new Stop(
                    new UUID(random.nextLong(), random.nextLong()),
                    new Location(53.93 + 0.14 * random.nextDouble(), 1.88 + 0.24 * random.nextDouble()),
                    new Window(from, from + 120),
                    30 + random.nextInt(50),
                    5 + random.nextInt(20)));
        }
        return stops;
    }

    private static List<Van> vans(int count, List<Stop> stops) {
        Map<UUID, Stop> all = stops.stream().collect(Collectors.toMap(Stop::id, stop -> stop));
        var vans = new ArrayList<Van>();
        for (int i = 0; i < count; i++) {
            vans.add(new Van(new UUID(7, i), new DayAhead(SHIFT, MORNING, List.of(), List.of()), all));
        }
        return vans;
    }

    /** Whoever is free first takes what comes next by some measure. */
    private static List<Van> byHand(int count, List<Stop> stops, ToDoubleBiFunction<Van, Stop> measure) {
        var vans = vans(count, stops);
        var left = new ArrayList<>(stops);
        while (!left.isEmpty()) {
            var free = vans.stream()
                    .min(Comparator.comparingDouble(PlansTest::freeAt))
                    .orElseThrow();
            var next = left.stream()
                    .min(Comparator.comparingDouble(stop -> measure.applyAsDouble(free, stop)))
                    .orElseThrow();
            free.visits().add(new Visit(next.id(), free.account()));
            left.remove(next);
        }
        return vans;
    }

    private static double freeAt(Van van) {
        var arrivals = van.with(van.visits()).arrivals();
        return arrivals.isEmpty()
                ? SHIFT.from()
                : arrivals.get(arrivals.size() - 1).ends();
    }

    private static double nearest(Van van, Stop stop) {
        var order = van.order(van.visits());
        var at = order.isEmpty() ? SHIFT.home() : order.get(order.size() - 1).at();
        // Nobody drives to a door that opens in hours while others wait.
        double early = Math.max(0, stop.window().from() - freeAt(van) - 60);
        return Driving.minutes(at, stop.at()) + early;
    }

    private static List<Van> solved(int count, List<Stop> stops) {
        var visits =
                stops.stream().map(stop -> new Visit(stop.id(), Head.NOBODY)).toList();
        return DaySolver.solve(vans(count, stops), visits);
    }

    private static double cost(List<Van> vans) {
        return vans.stream().mapToDouble(van -> van.with(van.visits()).cost()).sum();
    }

    private static double driven(List<Van> vans) {
        return vans.stream()
                .mapToDouble(van -> van.with(van.visits()).driving())
                .sum();
    }

    /** Share of the visits that are expected to be reached in time. */
    private static double kept(List<Van> vans) {
        return vans.stream()
                .flatMap(van -> van.with(van.visits()).arrivals().stream())
                .mapToDouble(arrival -> 1 - arrival.chanceLate())
                .average()
                .orElse(1);
    }

    @Test
    public void aPlanCostsLessThanWhatIsDoneWithoutOne() {
        var random = new Random(12);
        var stops = drawn(random, 5 * VISITS_A_VAN);
        var plan = solved(5, stops);
        assertEquals(
                plan.stream()
                        .flatMap(van -> van.visits().stream())
                        .map(Visit::id)
                        .collect(Collectors.toSet()),
                new HashSet<>(stops.stream().map(Stop::id).toList()),
                "every visit is made once");
        assertTrue(
                cost(plan) < cost(byHand(5, stops, (van, stop) -> stop.window().from())));
        assertTrue(cost(plan) < cost(byHand(5, stops, PlansTest::nearest)));
    }

    @Test
    public void oneDayIsAsGoodAsItsExactOrder() {
        var stops = drawn(new Random(3), 7);
        var exact = new Van(
                new UUID(7, 0),
                new DayAhead(SHIFT, MORNING, List.of(), List.of()),
                vans(1, stops).get(0).stops());
        DayOrder.best(SHIFT, MORNING, stops).forEach(stop -> exact.visits().add(new Visit(stop.id(), Head.NOBODY)));
        assertEquals(cost(solved(1, stops)), cost(List.of(exact)), 1.0);
    }

    @Test
    public void theTableOfTheBenchmarks() {
        for (var count : System.getProperty("plans", "").split(",")) {
            if (!count.isBlank()) {
                print(Integer.parseInt(count));
            }
        }
    }

    private static void print(int count) {
        int days = 10;
        var random = new Random(count);
        double[][] sums = new double[3][4];
        for (int day = 0; day < days; day++) {
            var stops = drawn(random, count * VISITS_A_VAN);
            for (int way = 0; way < 3; way++) {
                long began = System.nanoTime();
                var vans = switch (way) {
                    case 0 -> byHand(count, stops, (van, stop) -> stop.window().from());
                    case 1 -> byHand(count, stops, PlansTest::nearest);
                    default -> solved(count, stops);
                };
                sums[way][3] += (System.nanoTime() - began) / 1e9 / days;
                sums[way][0] += 100 * kept(vans) / days;
                sums[way][1] += driven(vans) / count / days;
                sums[way][2] += cost(vans) / count / days;
            }
        }
        var ways = List.of("by the clock", "nearest first", "planned");
        for (int way = 0; way < 3; way++) {
            System.out.printf(
                    "| %d | %s | %.0f%% | %.0f | %.0f | %.1f |%n",
                    count, ways.get(way), sums[way][0], sums[way][1], sums[way][2], sums[way][3]);
        }
    }
}
