package grimygasket.server.round;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import grimygasket.round.OnRound;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.known.OnRounds;
import grimygasket.server.calls.records.CallStore;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Date;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Somebody's round as iCalendar (RFC 5545), for their own calendar program, which asks for it at a secret address. */
@RestController
class CalendarController {
    private static final int DAYS_BACK = 7;
    private static final int DAYS_AHEAD = 60;
    /** What is shorter cannot be read in a calendar. */
    private static final int SHORTEST_MINUTES = 15;

    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final CalendarKeys keys;
    private final BusinessStore business;
    private final CallStore calls;
    private final OnRounds rounds;
    private final Clock clock;

    CalendarController(CalendarKeys keys, BusinessStore business, CallStore calls, OnRounds rounds, Clock clock) {
        this.keys = keys;
        this.business = business;
        this.calls = calls;
        this.rounds = rounds;
        this.clock = clock;
    }

    /** Whether somebody has an address. The address itself is told once, as it is made. */
    record Subscription(boolean on) {}

    @GetMapping("/api/session/calendar")
    Subscription subscription(@AuthenticationPrincipal SignedIn me) {
        return new Subscription(keys.has(me.id()));
    }

    /** @param path of the calendar on this server */
    record Subscribed(String path) {}

    /** A new address; the one of before leads nowhere from now on. */
    @PostMapping("/api/session/calendar")
    Subscribed subscribe(@AuthenticationPrincipal SignedIn me) {
        return new Subscribed("/api/rounds/" + keys.renew(me.id()) + ".ics");
    }

    @DeleteMapping("/api/session/calendar")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unsubscribe(@AuthenticationPrincipal SignedIn me) {
        keys.remove(me.id());
    }

    @GetMapping("/api/rounds/{key}.ics")
    ResponseEntity<String> calendar(@PathVariable String key) {
        var account = keys.owner(key)
                .orElseThrow(() -> new Problem(
                        Kind.NOT_FOUND,
                        "There is no calendar at this address. Get a new one under Settings, Practice."));
        var ours = business.get();
        var today = ours.today(clock);
        var near = calls.near(account, today.minusDays(DAYS_BACK), today.plusDays(DAYS_AHEAD));
        var calendar = new ICalendar();
        calendar.setProductId("-//Grimy Gasket//Round//EN");
        calendar.setName(ours.name());
        rounds.of(near, account).stream()
                .filter(one -> one.call().head().closing() == null
                        || !one.call().head().closing().cancelled())
                .map(one -> event(one, ours.clocks()))
                .forEach(calendar::addEvent);
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .cacheControl(CacheControl.noStore())
                .body(Biweekly.write(calendar).go());
    }

    private VEvent event(OnRound one, ZoneId zone) {
        var call = one.call();
        var customer = one.customer();
        var begins = LocalDate.ofEpochDay(call.head().day())
                .atStartOfDay()
                .plusMinutes(call.head().plannedAt())
                .atZone(zone);
        var event = new VEvent();
        event.setUid(call.head().id().toString());
        event.setSequence(call.head().version());
        event.setSummary((call.complaint().isEmpty() ? "Upkeep" : call.complaint()) + ", " + customer.name());
        event.setDescription(one.knowhow().pack().name() + ", " + call.machine().maker() + " "
                + call.machine().model() + (customer.phone().isEmpty() ? "" : "\n" + customer.phone()));
        event.setLocation(customer.door().street());
        event.setDateStart(Date.from(begins.toInstant()));
        event.setDuration(new biweekly.util.Duration.Builder()
                .minutes((int) Math.max(SHORTEST_MINUTES, Math.round(one.minutes(clock.millis()))))
                .build());
        return event;
    }
}
