package grimygasket.server.calls;

import java.time.Instant;
import java.util.UUID;

/**
 * One line in the story of a call.
 *
 * @param subject id of the sign, check or remedy in the pack, or the code as the machine shows it
 * @param answer "yes", "no" or "unknown" for a sign, "shown" for a code, the outcome's id for a check, "done", "cured" or
 *     "still-failing" for a remedy
 */
public record Entry(UUID id, Instant at, Kind kind, String subject, String answer, int version) {
    public enum Kind {
        SIGN,
        CODE,
        CHECK,
        REMEDY
    }
}
