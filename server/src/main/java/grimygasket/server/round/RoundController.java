package grimygasket.server.round;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import grimygasket.round.Round;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.known.OnRounds;
import grimygasket.server.calls.records.CallStore;
import grimygasket.server.calls.records.Filed;
import grimygasket.server.web.Zones;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** A day's calls. */
@RestController
class RoundController {
    /** @param today where the business works */
    record DayView(
            LocalDate day, LocalDate today, @JsonUnwrapped Round round) {}

    private final BusinessStore business;
    private final CallStore calls;
    private final OnRounds rounds;
    private final Clock clock;

    RoundController(BusinessStore business, CallStore calls, OnRounds rounds, Clock clock) {
        this.business = business;
        this.calls = calls;
        this.rounds = rounds;
        this.clock = clock;
    }

    @GetMapping("/api/round")
    DayView today(@AuthenticationPrincipal SignedIn me) {
        return round(business.get().today(clock), me);
    }

    @GetMapping("/api/round/{day}")
    DayView round(@PathVariable LocalDate day, @AuthenticationPrincipal SignedIn me) {
        var ours = business.get();
        var today = ours.today(clock);
        var ofDay = calls.onDay(me.id(), day);
        var leftOpen = day.equals(today) ? calls.openBefore(me.id(), day) : List.<Filed>of();
        var all = rounds.of(Stream.concat(ofDay.stream(), leftOpen.stream()).toList(), me.id());
        var round = Round.of(
                all.subList(0, ofDay.size()),
                all.subList(ofDay.size(), all.size()),
                ours.shift(),
                clock.millis(),
                Zones.of(ours.clocks()));
        return new DayView(day, today, round);
    }
}
