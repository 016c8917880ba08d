package grimygasket.visit.line;

import grimygasket.pack.Pack;
import grimygasket.util.Unfit;
import java.util.Optional;

/**
 * What a line of the job sheet says. A new kind of line is one record here; the compiler names who else has to know of it.
 *
 * @param <T> the kind itself
 */
public sealed interface JobLine<T extends JobLine<T>>
        permits Laid, Condition, Debt, Found, Note, ProofRun, WaterLeft, WayFound, LookedOver, Labour, Signature {

    /** What a call has only one line about, such as a station; empty where there may be any number. */
    default Optional<String> onlyAbout() {
        return Optional.empty();
    }

    /**
     * The id of something that it names and the pack does not have; empty where the pack has all of it.
     *
     * @throws Unfit if it says of the machine what cannot be of one of this kind
     */
    default Optional<String> unknownTo(Pack pack) {
        return Optional.empty();
    }

    /**
     * This line, changed by two people: by one to this, by another to what stands there. Each member is as whoever changed it
     * says.
     *
     * @param was what both of them began with; null where both entered it anew
     * @param theirs what stands there
     * @return empty where both changed the same member, and not to the same
     */
    Optional<T> merged(T was, T theirs);
}
