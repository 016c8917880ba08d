package grimygasket.server.round;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import grimygasket.round.OnRound;
import grimygasket.round.Round;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.Assessments;
import grimygasket.server.calls.CallStore;
import grimygasket.server.calls.Filed;
import grimygasket.server.calls.Knowhows;
import grimygasket.server.calls.Known;
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
    private final Knowhows knowhows;
    private final Assessments assessments;
    private final Clock clock;

    RoundController(BusinessStore business, CallStore calls, Knowhows knowhows, Assessments assessments, Clock clock) {
        this.business = business;
        this.calls = calls;
        this.knowhows = knowhows;
        this.assessments = assessments;
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
        var all = knowhows.of(Stream.concat(ofDay.stream(), leftOpen.stream()).toList(), me.id()).stream()
                .map(this::onRound)
                .toList();
        var round = Round.of(
                all.subList(0, ofDay.size()),
                all.subList(ofDay.size(), all.size()),
                ours.shift(),
                clock.millis(),
                Zones.of(ours.clocks()));
        return new DayView(day, today, round);
    }

    private OnRound onRound(Known known) {
        return new OnRound(known.call(), known.filed().customer(), known.knowhow(), assessments.of(known));
    }
}
