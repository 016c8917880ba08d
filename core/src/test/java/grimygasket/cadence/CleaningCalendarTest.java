package grimygasket.cadence;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import grimygasket.pack.Cadence;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;

public class CleaningCalendarTest {
    private static Cadence cadence(int shortDays, int longDays, int limitDays) {
        return new Cadence(
                "filter", "Clean the filter", shortDays, longDays, limitDays, List.of(), List.of(), false, List.of());
    }

    @Test
    public void eachSchoolHasItsOwnDays() {
        var filter = cadence(14, 182, 0);
        assertEquals(CleaningCalendar.SHORT.days(filter), 14);
        assertEquals(CleaningCalendar.LONG.days(filter), 182);
        // The square root of 14 times 182.
        assertEquals(CleaningCalendar.FOUND.days(filter), 50);
        assertEquals(CleaningCalendar.FOUND.days(cadence(0, 30, 0)), 0, "every use");
    }

    @Test
    public void noSchoolGoesPastTheLimit() {
        assertEquals(CleaningCalendar.LONG.days(cadence(182, 730, 365)), 365);
        assertEquals(CleaningCalendar.SHORT.days(cadence(182, 730, 365)), 182);
    }

    @Test
    public void whatIsFoundShiftsTheDatesOfTheSchoolThatGoesByIt() {
        var filter = cadence(14, 182, 0);
        // Three quarters blocked after 60 days: half of it would be gone after 40; the geometric mean with 50.48 is
        // 44.9.
        assertEquals(CleaningCalendar.FOUND.days(filter, new Dirt(60, 0.75)), 45);
        // A tenth after a year: 1825 days, blended 303.5.
        assertEquals(CleaningCalendar.FOUND.days(filter, new Dirt(365, 0.1)), 304);
        assertEquals(CleaningCalendar.FOUND.days(cadence(14, 182, 90), new Dirt(365, 0.1)), 90, "never past the limit");
        assertEquals(CleaningCalendar.SHORT.days(filter, new Dirt(60, 0.75)), 14);
        assertEquals(
                CleaningCalendar.FOUND.days(cadence(0, 30, 0), new Dirt(60, 0.75)), 0, "every use stays every use");
        expectThrows(IllegalArgumentException.class, () -> new Dirt(0, 0.5));
        expectThrows(IllegalArgumentException.class, () -> new Dirt(30, 0));
    }

    @Test
    public void byWhatIsFoundWhereNothingIsChosen() {
        assertEquals(CleaningCalendar.of(Set.of("how-often=short", "vented")), CleaningCalendar.SHORT);
        assertEquals(CleaningCalendar.of(Set.of("vented")), CleaningCalendar.FOUND);
    }

    @Test
    public void theLongCalendarIsTheLongerOne() {
        expectThrows(IllegalArgumentException.class, () -> cadence(30, 14, 0));
    }
}
