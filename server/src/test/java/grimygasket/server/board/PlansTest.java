package grimygasket.server.board;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
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
import java.util.function.Supplier;
import java.util.function.ToDoubleBiFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Plans of drawn days against what people do without one: whoever is free first takes the next window, or the nearest visit. {@code
 * scripts/plans} draws more of them, for the table of {@code docs/benchmarks.md}.
 */
public class PlansTest {
    private static final Shift SHIFT = new Shift(480, 1020, new Location(54, 2));
    private static final Start MORNING = new Start(480, SHIFT.home());
    private static final int VISITS_A_VAN = 6;

    /** Whether people's time is the limit, as it is for them; else so many moves, so that a slow machine finds the same. */
    private static final boolean MEASURED = System.getProperty("plans") != null;

    private static final long MOVES = 50_000;

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
        var vans = vans(count, stops);
        return MEASURED
                ? DaySolver.solve(vans, visits)
                : DaySolver.solve(vans, visits, new TerminationConfig().withMoveCountLimit(MOVES));
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
    public void oneDayIsAsGoodAsItsExactOrder() {
        var stops = drawn(new Random(3), 7);
        var exact = new Van(
                new UUID(7, 0),
                new DayAhead(SHIFT, MORNING, List.of(), List.of()),
                vans(1, stops).get(0).stops());
        DayOrder.best(SHIFT, MORNING, stops).forEach(stop -> exact.visits().add(new Visit(stop.id(), Head.NOBODY)));
        assertEquals(cost(solved(1, stops)), cost(List.of(exact)), 1.0);
    }

    /** How many vans, and over how many days: one day of five, or what a benchmark asks for. */
    @DataProvider
    Object[][] plans() {
        return Stream.of(System.getProperty("plans", "5").split(","))
                .map(count -> new Object[] {Integer.parseInt(count)})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "plans")
    public void aPlanCostsLessThanWhatIsDoneWithoutOne(int count) {
        int days = Integer.getInteger("plans.days", 1);
        var random = new Random(count);
        var clock = new Sums("by the clock");
        var near = new Sums("nearest first");
        var planned = new Sums("planned");
        for (int day = 0; day < days; day++) {
            var stops = drawn(random, count * VISITS_A_VAN);
            clock.add(() -> byHand(count, stops, (van, stop) -> stop.window().from()));
            near.add(() -> byHand(count, stops, PlansTest::nearest));
            var plan = planned.add(() -> solved(count, stops));
            assertEquals(
                    plan.stream()
                            .flatMap(van -> van.visits().stream())
                            .map(Visit::id)
                            .collect(Collectors.toSet()),
                    new HashSet<>(stops.stream().map(Stop::id).toList()),
                    "every visit is made once");
        }
        Stream.of(clock, near, planned).forEach(sums -> System.out.println(sums.row(count, days)));
        assertTrue(planned.cost < clock.cost, planned.cost + " planned, by the clock " + clock.cost);
        assertTrue(planned.cost < near.cost, planned.cost + " planned, nearest first " + near.cost);
    }

    /** What a way to plan comes to, over some days. */
    private static final class Sums {
        private final String way;
        private double kept;
        private double driven;
        private double cost;
        private double seconds;

        Sums(String way) {
            this.way = way;
        }

        List<Van> add(Supplier<List<Van>> plan) {
            long began = System.nanoTime();
            var vans = plan.get();
            seconds += (System.nanoTime() - began) / 1e9;
            kept += PlansTest.kept(vans);
            driven += PlansTest.driven(vans);
            cost += PlansTest.cost(vans);
            return vans;
        }

        String row(int count, int days) {
            return "| %d | %s | %.0f%% | %.0f | %.0f | %.1f |"
                    .formatted(
                            count, way, 100 * kept / days, driven / count / days, cost / count / days, seconds / days);
        }
    }
}
