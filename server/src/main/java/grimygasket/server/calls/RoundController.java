package grimygasket.server.calls;

import grimygasket.server.accounts.SignedIn;
import grimygasket.server.knowhow.Library;
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

    private final CallStore calls;
    private final CallFile file;
    private final Library library;
    private final Clock clock;

    RoundController(CallStore calls, CallFile file, Library library, Clock clock) {
        this.calls = calls;
        this.file = file;
        this.library = library;
        this.clock = clock;
    }

    @GetMapping("/api/round")
    Round today(@AuthenticationPrincipal SignedIn me) {
        return round(LocalDate.now(clock), me);
    }

    @GetMapping("/api/round/{day}")
    Round round(@PathVariable LocalDate day, @AuthenticationPrincipal SignedIn me) {
        var today = LocalDate.now(clock);
        var ofDay = files(calls.onDay(me.id(), day), me);
        var leftOpen = day.equals(today) ? files(calls.openBefore(me.id(), day), me) : List.<CallView>of();
        return new Round(
                day,
                today,
                ofDay.stream()
                        .filter(call -> call.closedAt() == null)
                        .mapToDouble(RoundController::minutesLeft)
                        .sum(),
                ofDay.stream().map(this::line).toList(),
                leftOpen.stream().map(this::line).toList(),
                PartToLoad.of(Stream.concat(ofDay.stream(), leftOpen.stream()).toList(), library));
    }

    private List<CallView> files(List<ServiceCall> some, SignedIn me) {
        return some.stream().map(call -> file.of(call, me)).toList();
    }

    private static double minutesLeft(CallView call) {
        return call.upkeep() == null
                ? call.assessment().plan().expectedMinutes()
                : call.upkeep().minutes();
    }

    private RoundCall line(CallView call) {
        var suspect = call.assessment().ranking().get(0);
        var pack = library.pack(call.machine(), call.revision());
        return new RoundCall(
                call.id(),
                call.day(),
                call.plannedAt(),
                call.customer().name(),
                call.customer().street(),
                pack.name(),
                call.machine().maker(),
                call.machine().model(),
                call.complaint(),
                call.upkeep() != null,
                call.entries().isEmpty() || call.upkeep() != null
                        ? null
                        : pack.fault(suspect.fault()).name(),
                suspect.chance(),
                minutesLeft(call),
                call.entries().stream().filter(Entry::isWork).count(),
                call.closedAt());
    }
}
