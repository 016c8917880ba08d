package grimygasket.route;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.route.Itinerary.Start;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.testng.annotations.Test;

/** The order of a day. */
public class DayOrderTest {
    private static final Shift SHIFT = new Shift(480, 1020, new Location(54, 2));
    private static final Start MORNING = new Start(480, SHIFT.home());

    private static List<Stop> drawn(Random random, int count) {
        var stops = new ArrayList<Stop>();
        for (int i = 0; i < count; i++) {
            int from = 480 + 30 * random.nextInt(14);
            stops.add(new Stop(
                    new UUID(1, i),
                    random.nextInt(6) == 0
                            ? null
                            : new Location(54 + 0.1 * random.nextDouble(), 2 + 0.15 * random.nextDouble()),
                    new Window(from, from + 30 + 30 * random.nextInt(5)),
                    20 + random.nextInt(60),
                    random.nextInt(25)));
        }
        return stops;
    }

    private static double cost(List<Stop> order) {
        return Itinerary.of(SHIFT, MORNING, order).cost();
    }

    /** By looking at all orders. */
    private static double least(List<Stop> made, List<Stop> left) {
        if (left.isEmpty()) {
            return cost(made);
        }
        double least = Double.MAX_VALUE;
        for (var stop : left) {
            var then = new ArrayList<>(made);
            then.add(stop);
            var rest = new ArrayList<>(left);
            rest.remove(stop);
            least = Math.min(least, least(then, rest));
        }
        return least;
    }

    @Test
    public void noOrderOfUpToSevenVisitsCostsLess() {
        var random = new Random(33);
        for (int i = 0; i < 60; i++) {
            var stops = drawn(random, 1 + random.nextInt(7));
            var best = DayOrder.best(SHIFT, MORNING, stops);
            assertEquals(new HashSet<>(best), new HashSet<>(stops), "nobody is forgotten or visited twice");
            assertEquals(cost(best), least(List.of(), stops), 0.02, "day " + i);
        }
    }

    @Test
    public void tenAreDoneExactlyAndMoreThanTenNoWorseThanBefore() {
        var random = new Random(5);
        var ten = drawn(random, DayOrder.EXACT);
        assertTrue(cost(DayOrder.best(SHIFT, MORNING, ten)) <= cost(ten));
        var many = drawn(random, 16);
        var order = DayOrder.best(SHIFT, MORNING, many);
        assertEquals(new HashSet<>(order), new HashSet<>(many));
        assertTrue(cost(order) <= cost(many));
    }

    @Test
    public void tenHomesOfWhichNobodyKnowsWhereTheyAreArePutInOrderToo() {
        var random = new Random(8);
        var stops = new ArrayList<Stop>();
        for (int i = 0; i < DayOrder.EXACT; i++) {
            stops.add(new Stop(
                    new UUID(1, i),
                    null,
                    new Window(630, 660),
                    20 + 40 * random.nextDouble(),
                    20 * random.nextDouble()));
        }
        var order = DayOrder.best(SHIFT, MORNING, stops);
        assertEquals(new HashSet<>(order), new HashSet<>(stops));
        assertTrue(cost(order) <= cost(stops));
    }

    @Test
    public void whatIsAlikeStaysAsItIs() {
        var window = new Window(480, 1020);
        var one = new Stop(new UUID(1, 1), new Location(54.01, 2), window, 30, 0);
        var other = new Stop(new UUID(1, 2), new Location(54.01, 2), window, 30, 0);
        assertEquals(DayOrder.best(SHIFT, MORNING, List.of(one, other)), List.of(one, other));
        assertEquals(DayOrder.best(SHIFT, MORNING, List.of(other, one)), List.of(other, one));
        assertEquals(DayOrder.best(SHIFT, MORNING, List.of()), List.of());
    }

    @Test
    public void aWindowThatClosesGoesFirst() {
        var late = new Stop(new UUID(1, 1), new Location(54.001, 2), new Window(480, 1000), 60, 0);
        var soon = new Stop(new UUID(1, 2), new Location(54.03, 2), new Window(480, 500), 60, 0);
        assertEquals(DayOrder.best(SHIFT, MORNING, List.of(late, soon)), List.of(soon, late));
    }

    @Test
    public void theDayIsAddedUpFromDoorToDoor() {
        var stop = new Stop(new UUID(1, 1), new Location(54.01, 2), new Window(540, 600), 45, 0);
        var day = Itinerary.of(SHIFT, MORNING, List.of(stop));
        double drive = Driving.minutes(SHIFT.home(), stop.at());
        var arrival = day.arrivals().get(0);
        assertEquals(arrival.arrives(), 480 + drive, 1e-9);
        assertEquals(arrival.begins(), 540, 0.01, "nobody is at home before");
        assertEquals(arrival.ends(), 585, 0.01);
        assertEquals(day.driving(), 2 * drive, 1e-9);
        assertEquals(day.waiting(), 60 - drive, 0.01);
        assertEquals(day.late(), 0, 1e-6);
        assertEquals(day.home(), 585 + drive, 0.01);
        assertEquals(Itinerary.of(SHIFT, MORNING, List.of()).cost(), 0.0);
    }
}
