package grimygasket.cadence;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import grimygasket.pack.work.Cadence;
import grimygasket.pack.work.CleaningCalendar;
import java.util.List;
import org.testng.annotations.Test;

public class IntervalTest {
    private static Cadence cadence(int shortDays, int longDays, int limitDays) {
        return new Cadence(
                "filter", "Clean the filter", shortDays, longDays, limitDays, List.of(), List.of(), false, List.of());
    }

    @Test
    public void eachSchoolHasItsOwnDays() {
        var filter = cadence(14, 182, 0);
        assertEquals(Interval.days(CleaningCalendar.SHORT, filter, null), 14);
        assertEquals(Interval.days(CleaningCalendar.LONG, filter, null), 182);
        // The square root of 14 times 182.
        assertEquals(Interval.days(CleaningCalendar.FOUND, filter, null), 50);
        assertEquals(Interval.days(CleaningCalendar.FOUND, cadence(0, 30, 0), null), 0, "every use");
    }

    @Test
    public void noSchoolGoesPastTheLimit() {
        assertEquals(Interval.days(CleaningCalendar.LONG, cadence(182, 730, 365), null), 365);
        assertEquals(Interval.days(CleaningCalendar.SHORT, cadence(182, 730, 365), null), 182);
    }

    @Test
    public void whatIsFoundShiftsTheDatesOfTheSchoolThatGoesByIt() {
        var filter = cadence(14, 182, 0);
        // Three quarters blocked after 60 days: half of it would be gone after 40; the geometric mean with 50.48 is
        // 44.9.
        assertEquals(Interval.days(CleaningCalendar.FOUND, filter, new Dirt(60, 0.75)), 45);
        // A tenth after a year: 1825 days, blended 303.5.
        assertEquals(Interval.days(CleaningCalendar.FOUND, filter, new Dirt(365, 0.1)), 304);
        assertEquals(
                Interval.days(CleaningCalendar.FOUND, cadence(14, 182, 90), new Dirt(365, 0.1)),
                90,
                "never past the limit");
        assertEquals(Interval.days(CleaningCalendar.SHORT, filter, new Dirt(60, 0.75)), 14);
        assertEquals(
                Interval.days(CleaningCalendar.FOUND, cadence(0, 30, 0), new Dirt(60, 0.75)),
                0,
                "every use stays every use");
        expectThrows(IllegalArgumentException.class, () -> new Dirt(0, 0.5));
        expectThrows(IllegalArgumentException.class, () -> new Dirt(30, 0));
    }

    @Test
    public void theLongCalendarIsTheLongerOne() {
        expectThrows(IllegalArgumentException.class, () -> cadence(30, 14, 0));
    }
}
