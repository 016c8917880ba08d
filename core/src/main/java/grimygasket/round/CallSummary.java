package grimygasket.round;

import grimygasket.call.change.Progress;
import grimygasket.route.Window;
import grimygasket.visit.ring.Stage;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A call in one line.
 *
 * @param visit id of the visit that it is made on
 * @param day since 1970
 * @param plannedAt minute of the day
 * @param promised between which times somebody was promised to come; null where only the time was said
 * @param customer their name
 * @param street where the machine stands
 * @param phone theirs; blank where nobody has said it
 * @param email theirs; null where nobody has said it
 * @param kind of the machine, in words
 * @param upkeep whether it is for upkeep
 * @param likeliest name of the likeliest cause; null while nothing is known
 * @param chance of that cause, 0 to 1
 * @param minutes expected from now to the end
 * @param stepsTaken checks and remedies entered so far
 * @param stands the segment of the ring that the work is in
 * @param closedAt in milliseconds since 1970; null while it is open
 * @param cancelled whether nothing was done
 */
public record CallSummary(
        UUID id,
        UUID visit,
        long day,
        int plannedAt,
        @Nullable Window promised,
        String customer,
        String street,
        String phone,
        @Nullable String email,
        String kind,
        String maker,
        String model,
        String complaint,
        boolean upkeep,
        @Nullable String likeliest,
        double chance,
        double minutes,
        long stepsTaken,
        Stage stands,
        @Nullable Long closedAt,
        boolean cancelled) {

    /** @param now in milliseconds since 1970 */
    public static CallSummary of(OnRound one, long now) {
        var call = one.call();
        var head = call.head();
        var pack = one.knowhow().pack();
        var progress = Progress.of(call, one.knowhow(), now);
        boolean upkeep = progress.upkeep() != null;
        var suspect = one.assessment().ranking().get(0);
        return new CallSummary(
                head.id(),
                head.visitId(),
                head.day(),
                head.plannedAt(),
                head.promised(),
                one.customer().name(),
                one.customer().door().street(),
                one.customer().phone(),
                one.customer().email(),
                pack.name(),
                call.machine().maker(),
                call.machine().model(),
                call.complaint(),
                upkeep,
                call.story().isEmpty() || upkeep
                        ? null
                        : pack.fault(suspect.fault()).name(),
                suspect.chance(),
                one.minutes(now),
                one.stepsTaken(),
                progress.stands(pack, one.assessment().plan()),
                one.isOpen() ? null : head.closing().at(),
                !one.isOpen() && head.closing().cancelled());
    }
}
