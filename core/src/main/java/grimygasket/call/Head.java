package grimygasket.call;

import grimygasket.route.Window;
import grimygasket.util.Unfit;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a call is, and where it stands on the round.
 *
 * @param visitId shared by the calls that are made in one home on one visit
 * @param accountId on whose round it is; {@link #NOBODY} while nobody has it
 * @param day since 1970
 * @param plannedAt minute of the day, 0 to 1439
 * @param promised between which times somebody was promised to come; null where only the time was said
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
        @Nullable Window promised,
        int revision,
        @Nullable UUID follows,
        boolean upkeep,
        @Nullable Closed closing,
        @Nullable String advice,
        int version) {
    /** On nobody's round yet. */
    public static final UUID NOBODY = UUID.fromString("00000000-0000-0000-0000-000000000000");

    private static final int MINUTES_OF_A_DAY = 24 * 60;
    /** Minutes after a time that was told which still count as that time: estimate. */
    private static final int GRACE = 30;

    public Head {
        if (plannedAt < 0 || plannedAt >= MINUTES_OF_A_DAY) {
            throw new Unfit("a day has no minute " + plannedAt);
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

    /** Between which times somebody is expected. */
    public Window window() {
        return promised != null ? promised : new Window(plannedAt, Math.min(plannedAt + GRACE, MINUTES_OF_A_DAY - 1));
    }

    public Head assigned(UUID other) {
        return new Head(
                id, visitId, other, day, plannedAt, promised, revision, follows, upkeep, closing, advice, version);
    }

    public Head planned(long otherDay, int minute, @Nullable Window window) {
        return new Head(
                id, visitId, accountId, otherDay, minute, window, revision, follows, upkeep, closing, advice, version);
    }

    public Head withFaultSeen() {
        return new Head(
                id, visitId, accountId, day, plannedAt, promised, revision, follows, false, closing, advice, version);
    }

    public Head closed(Closed how, String given) {
        return new Head(
                id, visitId, accountId, day, plannedAt, promised, revision, follows, upkeep, how, given, version);
    }

    Head next() {
        return new Head(
                id,
                visitId,
                accountId,
                day,
                plannedAt,
                promised,
                revision,
                follows,
                upkeep,
                closing,
                advice,
                version + 1);
    }
}
