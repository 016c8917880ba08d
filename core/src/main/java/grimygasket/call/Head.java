package grimygasket.call;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a call is, and where it stands on the round.
 *
 * @param visitId shared by the calls that are made in one home on one visit
 * @param accountId on whose round it is
 * @param day since 1970
 * @param plannedAt minute of the day, 0 to 1439
 * @param revision of the know-how that it is judged with
 * @param follows id of an earlier call about the same machine, since which it has failed again; null for none
 * @param upkeep whether it is for upkeep: nobody complains of anything
 * @param closing null while it is open
 * @param advice to the customer, kept when a call is opened again; null before it was first closed
 * @param version counts the changes
 */
public record Head(
        UUID id,
        UUID visitId,
        UUID accountId,
        long day,
        int plannedAt,
        int revision,
        @Nullable UUID follows,
        boolean upkeep,
        @Nullable Closed closing,
        @Nullable String advice,
        int version) {
    private static final int MINUTES_OF_A_DAY = 24 * 60;

    public Head {
        if (plannedAt < 0 || plannedAt >= MINUTES_OF_A_DAY) {
            throw new IllegalArgumentException("a day has no minute " + plannedAt);
        }
    }

    /**
     * How a call was closed.
     *
     * @param at in milliseconds since 1970
     * @param by name of whoever closed it; null where nobody kept it
     * @param signOff why gaps were left, or why it was cancelled; null where there were none
     * @param cancelled whether nothing was done: nobody came, or it was entered by mistake
     */
    public record Closed(
            long at, @Nullable String by, @Nullable String signOff, boolean cancelled) {}

    Head assigned(UUID other) {
        return new Head(id, visitId, other, day, plannedAt, revision, follows, upkeep, closing, advice, version);
    }

    Head planned(long otherDay, int minute) {
        return new Head(id, visitId, accountId, otherDay, minute, revision, follows, upkeep, closing, advice, version);
    }

    Head withFaultSeen() {
        return new Head(id, visitId, accountId, day, plannedAt, revision, follows, false, closing, advice, version);
    }

    Head closed(Closed how, String given) {
        return new Head(id, visitId, accountId, day, plannedAt, revision, follows, upkeep, how, given, version);
    }

    Head next() {
        return new Head(
                id, visitId, accountId, day, plannedAt, revision, follows, upkeep, closing, advice, version + 1);
    }
}
