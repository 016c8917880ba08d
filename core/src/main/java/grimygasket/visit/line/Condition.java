package grimygasket.visit.line;

import grimygasket.pack.Pack;
import grimygasket.pack.machine.Station;
import grimygasket.util.ById;
import grimygasket.util.Unfit;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What was found at a station, and how it is left.
 *
 * @param station its id
 * @param stuff what was in the way
 * @param before open share before it was put right, 0 to 1; null where it was not judged
 * @param after open share after; null while it is not put right
 * @param wear what shape the part is in
 * @param binned whether what was taken out is in the bin, rather than down the drain that is being cured
 * @param sinceDays days since it was last cleaned, 1 to 36500; null where nobody knows
 * @param amount how much of it came out; null where nobody has said
 */
public record Condition(
        String station,
        Stuff stuff,
        @Nullable Double before,
        @Nullable Double after,
        Wear wear,
        boolean binned,
        @Nullable Integer sinceDays,
        @Nullable Amount amount)
        implements JobLine<Condition> {
    private static final int A_CENTURY = 36_500;

    public enum Stuff {
        NOTHING(false),
        FOOD(true),
        FIBRE(true),
        HAIR(true),
        GRIT(true),
        PAPER(true),
        GREASE(true),
        RUBBER(true),
        DUST(true),
        GLASS(true),
        SCALE(false),
        MOULD(false),
        /** A thing of the customer's, see {@link Found}. */
        OBJECT(false);

        private final boolean solids;

        Stuff(boolean solids) {
            this.solids = solids;
        }
    }

    /** About how much came out, by what it would fill or cover. */
    public enum Amount {
        COIN,
        HANDFUL,
        CUP,
        THREE_CUPS,
        BUCKET
    }

    public enum Wear {
        /** Neither dirty nor worn. */
        SOUND,
        DIRTY_ONLY,
        WORN,
        CRACKED,
        HOLED,
        BENT
    }

    public Condition {
        share("before", before);
        share("after", after);
        if (sinceDays != null && (sinceDays < 1 || sinceDays > A_CENTURY)) {
            throw new Unfit("the days since the last cleaning must be 1 or more, not " + sinceDays);
        }
    }

    /** Whether solids were taken out that are not in the bin. */
    public boolean solidsLeft() {
        return stuff.solids && after != null && !binned;
    }

    private static void share(String what, Double share) {
        if (share != null && !(share >= 0 && share <= 1)) {
            throw new Unfit("the open share " + what + " must lie between 0 and 1, but is " + share);
        }
    }

    @Override
    public Optional<String> onlyAbout() {
        return Optional.of(station);
    }

    @Override
    public Optional<String> unknownTo(Pack pack) {
        var stations =
                pack.paths().stream().flatMap(path -> path.stations().stream()).toList();
        return ById.missing(stations, Station::id, station);
    }

    @Override
    public Optional<Condition> merged(Condition was, Condition theirs) {
        var merge = new Merge<>(was, this, theirs);
        return merge.merged(() -> new Condition(
                merge.of(Condition::station),
                merge.of(Condition::stuff),
                merge.of(Condition::before),
                merge.of(Condition::after),
                merge.of(Condition::wear),
                merge.of(Condition::binned),
                merge.of(Condition::sinceDays),
                merge.of(Condition::amount)));
    }
}
