package grimygasket.server.calls;

import java.time.Instant;
import java.util.UUID;

/**
 * One line in the story of a call.
 *
 * @param subject id of the sign, fact, check or remedy in the pack, or the code as the machine shows it
 * @param answer "yes", "no" or "unknown" for a sign, "shown" for a code, the choice's id for a fact, the outcome's id, or
 *     "measured", for a check, "done", "cured", "partly", "still-failing" or
 *     "kept-up" for a remedy
 * @param reading what was read, in the base unit of the check's quantity; null where nothing was measured
 * @param spread its standard deviation; null where nothing was measured
 * @param complaint whether it is a sign that somebody called for; left out in older files, it is not
 */
public record Entry(
        UUID id,
        Instant at,
        String by,
        Kind kind,
        String subject,
        String answer,
        Double reading,
        Double spread,
        Boolean complaint,
        int version) {
    public Entry {
        complaint = complaint != null && complaint;
    }

    /** The answer of a check that was made with an instrument. */
    static final String MEASURED = "measured";

    /** Whether it changed the machine: what was seen before it may be looked at again. */
    boolean changesTheMachine() {
        return kind == Kind.REMEDY && !answer.equals("done");
    }

    /** Whether it is work on the machine rather than something told or seen. */
    boolean isWork() {
        return kind == Kind.CHECK || kind == Kind.REMEDY;
    }

    public enum Kind {
        SIGN,
        FACT,
        CODE,
        CHECK,
        REMEDY
    }
}
