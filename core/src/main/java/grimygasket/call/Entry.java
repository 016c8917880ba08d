package grimygasket.call;

import grimygasket.diagnosis.Finding;
import java.util.UUID;

/**
 * One line in the story of a call.
 *
 * @param at in milliseconds since 1970
 * @param by name of whoever entered it
 * @param version 1 for one that was never corrected
 */
public record Entry(UUID id, long at, String by, int version, Finding finding) {
    Entry corrected(Finding other) {
        return new Entry(id, at, by, version + 1, other);
    }
}
