package grimygasket.server.documents;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.util.Frequency;
import biweekly.util.ICalDate;
import biweekly.util.Recurrence;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.known.CallViews;
import grimygasket.server.calls.known.Known;
import grimygasket.server.web.Attachment;
import grimygasket.state.HandOverSegment.DueDate;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The next dates of a machine as iCalendar (RFC 5545), to be put in anybody's calendar. */
@RestController
class DatesController {
    private final CallViews views;
    private final Clock clock;

    DatesController(CallViews views, Clock clock) {
        this.views = views;
        this.clock = clock;
    }

    @GetMapping("/api/calls/{callId}/dates.ics")
    ResponseEntity<String> dates(@PathVariable UUID callId, @AuthenticationPrincipal SignedIn me) {
        var known = views.known(callId, me);
        var state = views.state(known, me, clock.millis());
        var calendar = new ICalendar();
        calendar.setProductId("-//Grimy Gasket//Dates//EN");
        state.handOver().dates().stream()
                .filter(date -> date.days() > 0)
                .map(date -> event(known, date))
                .forEach(calendar::addEvent);
        var name = "dates-" + LocalDate.ofEpochDay(state.head().day()) + ".ics";
        return Attachment.ofText(name, "text/calendar", Biweekly.write(calendar).go());
    }

    /** The id stays the same each time it is taken out, so that a calendar does not show a date twice. */
    private static VEvent event(Known known, DueDate date) {
        var machine = known.call().machine();
        var event = new VEvent();
        event.setUid(UUID.nameUUIDFromBytes((known.call().head().id() + date.task()).getBytes(StandardCharsets.UTF_8))
                .toString());
        event.setSummary(date.task());
        event.setDescription(machine.maker() + " " + machine.model());
        event.setLocation(known.filed().customer().door().street());
        event.setDateStart(day(LocalDate.ofEpochDay(date.first())));
        event.setRecurrenceRule(
                new Recurrence.Builder(Frequency.DAILY).interval(date.days()).build());
        return event;
    }

    private static ICalDate day(LocalDate date) {
        return new ICalDate(java.sql.Date.valueOf(date), false);
    }
}
