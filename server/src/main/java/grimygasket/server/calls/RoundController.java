package grimygasket.server.calls;

import grimygasket.server.accounts.SignedIn;
import grimygasket.visit.Upkeep;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
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
            String likeliest,
            double chance,
            double minutes,
            long stepsTaken,
            Instant closedAt) {}

    /** @param upkeep what it has to do; null for a call that somebody made because of a fault */
    private record Ahead(Assessed assessed, Upkeep upkeep) {
        double minutes() {
            return upkeep == null ? assessed.assessment().plan().expectedMinutes() : upkeep.minutes();
        }

        RoundCall line() {
            var call = assessed.call();
            var file = assessed.file();
            var suspect = assessed.assessment().ranking().get(0);
            return new RoundCall(
                    call.id(),
                    call.day(),
                    call.plannedAt(),
                    file.customer().name(),
                    file.customer().street(),
                    assessed.pack().name(),
                    file.machine().maker(),
                    file.machine().model(),
                    file.complaint(),
                    upkeep != null,
                    file.entries().isEmpty() || upkeep != null
                            ? null
                            : assessed.pack().fault(suspect.fault()).name(),
                    suspect.chance(),
                    minutes(),
                    file.entries().stream().filter(Entry::isWork).count(),
                    call.closedAt());
        }
    }

    private final CallStore calls;
    private final CallRecords records;
    private final Judge judge;
    private final UpkeepOfCall upkeeps;
    private final Clock clock;

    RoundController(CallStore calls, CallRecords records, Judge judge, UpkeepOfCall upkeeps, Clock clock) {
        this.calls = calls;
        this.records = records;
        this.judge = judge;
        this.upkeeps = upkeeps;
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
        var leftOpen = day.equals(today) ? calls.openBefore(me.id(), day) : List.<ServiceCall>of();
        var all = Stream.concat(ofDay.stream(), leftOpen.stream()).toList();
        var assessed = judge.assess(records.of(all), me.id());
        var upkeepOf = upkeeps.of(assessed);
        var ahead = assessed.stream()
                .map(one -> new Ahead(one, upkeepOf.get(one.call().id())))
                .toList();
        var lines = ahead.stream().map(Ahead::line).toList();
        return new Round(
                day,
                today,
                ahead.subList(0, ofDay.size()).stream()
                        .filter(one -> one.assessed.call().closedAt() == null)
                        .mapToDouble(Ahead::minutes)
                        .sum(),
                lines.subList(0, ofDay.size()),
                lines.subList(ofDay.size(), lines.size()),
                PartToLoad.of(assessed));
    }
}
