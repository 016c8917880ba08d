package grimygasket.cadence;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import grimygasket.pack.Cadence;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;

public class CalendarTest {
    private static Cadence cadence(int shortDays, int longDays, int limitDays) {
        return new Cadence("filter", "Clean the filter", shortDays, longDays, limitDays, List.of(), List.of());
    }

    @Test
    public void eachSchoolHasItsOwnDays() {
        var filter = cadence(14, 182, 0);
        assertEquals(Calendar.SHORT.days(filter), 14);
        assertEquals(Calendar.LONG.days(filter), 182);
        // The square root of 14 times 182.
        assertEquals(Calendar.FOUND.days(filter), 50);
        assertEquals(Calendar.FOUND.days(cadence(0, 30, 0)), 0, "every use");
    }

    @Test
    public void noSchoolGoesPastTheLimit() {
        assertEquals(Calendar.LONG.days(cadence(182, 730, 365)), 365);
        assertEquals(Calendar.SHORT.days(cadence(182, 730, 365)), 182);
    }

    @Test
    public void byWhatIsFoundWhereNothingIsChosen() {
        assertEquals(Calendar.of(Set.of("how-often=short", "vented")), Calendar.SHORT);
        assertEquals(Calendar.of(Set.of("vented")), Calendar.FOUND);
    }

    @Test
    public void theLongCalendarIsTheLongerOne() {
        expectThrows(IllegalArgumentException.class, () -> cadence(30, 14, 0));
    }
}
