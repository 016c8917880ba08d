package grimygasket.state;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import org.testng.annotations.Test;

public class ZoneTest {
    private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");
    private static final Zone ZONE =
            at -> BERLIN.getRules().getOffset(Instant.ofEpochMilli(at)).getTotalSeconds() / 60;

    @Test
    public void dayAndTimeAreThoseOfTheClocksThere() {
        // Every half hour over both changes of the clocks, and before 1970.
        for (var from : new String[] {"2026-03-28T12:00:00Z", "2026-10-24T12:00:00Z", "1969-12-30T12:00:00Z"}) {
            for (int i = 0; i < 100; i++) {
                var at = Instant.parse(from).plusSeconds(1800L * i + 59);
                var there = at.atZone(BERLIN);
                assertEquals(ZONE.day(at.toEpochMilli()), there.toLocalDate().toEpochDay(), there.toString());
                assertEquals(
                        ZONE.minuteOfDay(at.toEpochMilli()),
                        there.toLocalTime().toSecondOfDay() / 60,
                        there.toString());
            }
        }
    }

    @Test
    public void changesOfItsClocksAreAllThatIsWanted() {
        var zone = Zone.of(List.of(new ClockChange(1000, 60), new ClockChange(2000, 120)));
        assertEquals(zone.offset(0), 60, "before the first as after it");
        assertEquals(zone.offset(1999), 60);
        assertEquals(zone.offset(2000), 120);
        expectThrows(IllegalArgumentException.class, () -> Zone.of(List.of()));
    }
}
