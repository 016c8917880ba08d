package grimygasket.state;

import grimygasket.call.Progress;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A call in one line.
 *
 * @param day since 1970
 * @param plannedAt minute of the day
 * @param customer their name
 * @param kind of the machine, in words
 * @param upkeep whether it is for upkeep
 * @param likeliest name of the likeliest cause; null while nothing is known
 * @param chance of that cause, 0 to 1
 * @param minutes expected from now to the end
 * @param stepsTaken checks and remedies entered so far
 * @param closedAt in milliseconds since 1970; null while it is open
 * @param cancelled whether nothing was done
 */
public record CallSummary(
        UUID id,
        long day,
        int plannedAt,
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
        @Nullable Long closedAt,
        boolean cancelled) {

    /** @param now in milliseconds since 1970 */
    static CallSummary of(OnRound one, long now) {
        var call = one.call();
        var head = call.head();
        var pack = one.knowhow().pack();
        var upkeep = Progress.of(call, one.knowhow(), now).upkeep();
        var suspect = one.assessment().ranking().get(0);
        return new CallSummary(
                head.id(),
                head.day(),
                head.plannedAt(),
                one.customer().name(),
                one.customer().street(),
                pack.name(),
                call.machine().maker(),
                call.machine().model(),
                call.complaint(),
                upkeep != null,
                call.story().isEmpty() || upkeep != null
                        ? null
                        : pack.fault(suspect.fault()).name(),
                suspect.chance(),
                upkeep == null ? one.assessment().plan().expectedMinutes() : upkeep.minutes(),
                call.story().stream()
                        .filter(entry -> entry.finding().takesWork())
                        .count(),
                one.isOpen() ? null : head.closing().at(),
                !one.isOpen() && head.closing().cancelled());
    }
}
