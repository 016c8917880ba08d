package grimygasket.report;

import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.testng.annotations.Test;

public class DatesTest {
    @Test
    public void monthsEndWhereTheCalendarHasThemEnd() {
        var words = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
        for (var day = LocalDate.of(2027, 11, 1); day.getYear() < 2033; day = day.plusDays(1)) {
            for (int months : new int[] {1, 3, 12, 24, 27}) {
                assertEquals(Dates.monthsAfter(day.toEpochDay(), months), words.format(day.plusMonths(months)));
            }
        }
    }

    @Test
    public void daysAreThoseOfTheCalendar() {
        var words = DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.UK);
        // A prime number of days apart, through four centuries: every weekday, leap days and their lack.
        for (var day = LocalDate.of(1899, 12, 28); day.getYear() < 2301; day = day.plusDays(17)) {
            assertEquals(Dates.day(day.toEpochDay()), words.format(day));
        }
        assertEquals(Dates.day(LocalDate.of(2000, 2, 29).toEpochDay()), "Tuesday 29 February 2000");
    }

    @Test
    public void inDigitsEveryMonthAndDayHasTwo() {
        assertEquals(Dates.digits(LocalDate.of(2031, 5, 6).toEpochDay()), "20310506");
        assertEquals(Dates.digits(LocalDate.of(2030, 12, 31).toEpochDay()), "20301231");
    }

    @Test
    public void timesHaveTwoDigits() {
        assertEquals(Dates.time(5), "00:05");
        assertEquals(Dates.time(23 * 60 + 59), "23:59");
    }

    @Test
    public void spansAreRoundedAsPeopleSayThem() {
        assertEquals(Dates.span(1), "day");
        assertEquals(Dates.span(10), "10 days");
        assertEquals(Dates.span(14), "2 weeks");
        assertEquals(Dates.span(182), "6 months");
    }
}
