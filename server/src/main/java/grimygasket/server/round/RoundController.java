package grimygasket.server.round;

import grimygasket.call.Progress;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.Assessed;
import grimygasket.server.calls.Assessments;
import grimygasket.server.calls.CallStore;
import grimygasket.server.calls.Filed;
import grimygasket.server.calls.Knowhows;
import grimygasket.visit.Upkeep;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** A day's calls. */
@RestController
class RoundController {
    /**
     * @param today by the server's clock
     * @param minutesLeft expected, over all calls of the day that are not closed
     * @param leftOpen calls of earlier days that are not closed
     * @param load parts that the open calls may need, likeliest first
     */
    record Round(
            LocalDate day,
            LocalDate today,
            double minutesLeft,
            List<RoundCall> calls,
            List<RoundCall> leftOpen,
            List<PartToLoad> load) {}

    /**
     * @param upkeep whether it is for upkeep
     * @param likeliest name of the likeliest cause; null while nothing is known
     * @param minutes expected from now to the end
     * @param stepsTaken checks and remedies entered so far
     */
    record RoundCall(
            UUID id,
            LocalDate day,
            LocalTime plannedAt,
            String customer,
            String street,
            String kind,
            String maker,
            String model,
            String complaint,
            boolean upkeep,
            @Nullable String likeliest,
            double chance,
            double minutes,
            long stepsTaken,
            @Nullable Long closedAt) {}

    /** @param upkeep what it has to do; null for a call that somebody made because of a fault */
    private record Ahead(Assessed assessed, Upkeep upkeep) {
        double minutes() {
            return upkeep == null ? assessed.assessment().plan().expectedMinutes() : upkeep.minutes();
        }

        boolean isOpen() {
            return assessed.call().head().closing() == null;
        }

        RoundCall line() {
            var call = assessed.call();
            var head = call.head();
            var pack = assessed.knowhow().pack();
            var customer = assessed.known().filed().customer();
            var suspect = assessed.assessment().ranking().get(0);
            return new RoundCall(
                    head.id(),
                    LocalDate.ofEpochDay(head.day()),
                    LocalTime.ofSecondOfDay(head.plannedAt() * 60L),
                    customer.name(),
                    customer.street(),
                    pack.name(),
                    call.machine().maker(),
                    call.machine().model(),
                    call.complaint(),
                    upkeep != null,
                    call.story().isEmpty() || upkeep != null
                            ? null
                            : pack.fault(suspect.fault()).name(),
                    suspect.chance(),
                    minutes(),
                    call.story().stream()
                            .filter(entry -> entry.finding().takesWork())
                            .count(),
                    isOpen() ? null : head.closing().at());
        }
    }

    private final CallStore calls;
    private final Knowhows knowhows;
    private final Assessments assessments;
    private final Clock clock;

    RoundController(CallStore calls, Knowhows knowhows, Assessments assessments, Clock clock) {
        this.calls = calls;
        this.knowhows = knowhows;
        this.assessments = assessments;
        this.clock = clock;
    }

    @GetMapping("/api/round")
    Round today(@AuthenticationPrincipal SignedIn me) {
        return round(LocalDate.now(clock), me);
    }

    @GetMapping("/api/round/{day}")
    Round round(@PathVariable LocalDate day, @AuthenticationPrincipal SignedIn me) {
        var today = LocalDate.now(clock);
        var ofDay = calls.onDay(me.id(), day);
        var leftOpen = day.equals(today) ? calls.openBefore(me.id(), day) : List.<Filed>of();
        var all = Stream.concat(ofDay.stream(), leftOpen.stream()).toList();
        var ahead = knowhows.of(all, me.id()).stream()
                .map(assessments::of)
                .map(this::ahead)
                .toList();
        var lines = ahead.stream().map(Ahead::line).toList();
        return new Round(
                day,
                today,
                ahead.subList(0, ofDay.size()).stream()
                        .filter(Ahead::isOpen)
                        .mapToDouble(Ahead::minutes)
                        .sum(),
                lines.subList(0, ofDay.size()),
                lines.subList(ofDay.size(), lines.size()),
                PartToLoad.of(ahead.stream().map(Ahead::assessed).toList()));
    }

    private Ahead ahead(Assessed one) {
        return new Ahead(
                one, Progress.of(one.call(), one.knowhow(), clock.millis()).upkeep());
    }
}
