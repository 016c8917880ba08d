package grimygasket.call;

import grimygasket.diagnosis.belief.Finding;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One line in the story of a call.
 *
 * @param at in milliseconds since 1970
 * @param by name of whoever entered it
 * @param changedAt when it was last answered otherwise, or a cure was proved or seen to fail; null where it stands as it was entered
 * @param version 1 for one that was never corrected
 */
public record Entry(UUID id, long at, String by, @Nullable Long changedAt, int version, Finding finding) {
    public Entry corrected(@Nullable Long when, Finding other) {
        return new Entry(id, at, by, when, version + 1, other);
    }
}
