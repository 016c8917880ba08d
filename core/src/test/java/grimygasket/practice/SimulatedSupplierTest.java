package grimygasket.practice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.practice.SimulatedSupplier.Delivery;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

public class SimulatedSupplierTest {
    private static final LocalDate FRIDAY = LocalDate.of(2026, 12, 4);

    private static List<Delivery> said(int ordered) {
        return IntStream.range(0, 500)
                .mapToObj(order -> SimulatedSupplier.of(order, "RV-20", ordered, FRIDAY.toEpochDay()))
                .toList();
    }

    @Test
    public void itSaysTheSameEachTimeAndSendsNothingAtWeekends() {
        assertEquals(said(4), said(4));
        var days = said(4).stream().map(one -> LocalDate.ofEpochDay(one.day())).collect(Collectors.toSet());
        assertEquals(days, Set.of(LocalDate.of(2026, 12, 7), LocalDate.of(2026, 12, 14)));
        var rest = SimulatedSupplier.ofRest(2, FRIDAY.plusDays(1).toEpochDay());
        assertEquals(LocalDate.ofEpochDay(rest.day()).getDayOfWeek(), DayOfWeek.THURSDAY);
        assertEquals(rest.inBox(), 2);
    }

    @Test
    public void someOfItComesLaterAndSomeInPart() {
        var boxes = said(5).stream().collect(Collectors.groupingBy(Delivery::inBox, Collectors.counting()));
        assertEquals(boxes.keySet(), Set.of(3, 5));
        assertTrue(boxes.get(3) > 40 && boxes.get(3) < 140, "" + boxes);
        assertTrue(said(1).stream().allMatch(one -> one.inBox() == 1));
    }
}
