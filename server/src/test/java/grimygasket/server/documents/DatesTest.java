package grimygasket.server.documents;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import biweekly.Biweekly;
import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import org.testng.annotations.Test;

/** The next dates of a machine, on the call and as a calendar file that others can read. */
public class DatesTest extends ServerTest {
    @Test
    public void whatIsDueIsCountedFromTheDayAndReadBackFromTheCalendar() {
        var client = signedIn();
        var call = Calls.add(client);
        call.enter("SYMPTOM", "gritty", "yes");
        var dates = call.enter("CHECK", "filter-look", "clogged")
                .body()
                .path("handOver")
                .path("dates");
        var first = dates.path(0);
        assertEquals(
                first.path("first").asLong(),
                LocalDate.of(2031, 5, 6).toEpochDay() + first.path("days").asInt());

        var answer = client.get(call.path + "/dates.ics").response();
        assertTrue(answer.headers().firstValue("Content-Type").orElse("").startsWith("text/calendar"));
        var events = Biweekly.parse(answer.body()).first().getEvents();
        assertEquals(events.size(), dates.size());
        var event = events.get(0);
        assertEquals(event.getSummary().getValue(), first.path("task").asString());
        assertEquals(event.getRecurrenceRule().getValue().getInterval(), (Integer)
                first.path("days").asInt());
        var day = LocalDate.ofEpochDay(first.path("first").asLong()).format(DateTimeFormatter.BASIC_ISO_DATE);
        assertTrue(answer.body().contains("DTSTART;VALUE=DATE:" + day), answer.body());
        var again = Biweekly.parse(
                        client.get(call.path + "/dates.ics").response().body())
                .first()
                .getEvents();
        assertEquals(again.get(0).getUid().getValue(), event.getUid().getValue(), "the same date, not another one");
    }
}
