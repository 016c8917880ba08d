package grimygasket.server.shelf;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A line of the ledger: what changed how many of a part are on a van.
 *
 * @param van name of whose van it is, or the store room
 * @param by name of whoever did it; null where nobody kept it
 * @param moved how many more there are, below 0 for fewer
 * @param onVan how many there were then
 * @param callId on which it was used or put back; null for none
 */
public record PartMove(
        UUID id,
        Instant at,
        String van,
        @Nullable String by,
        Reason reason,
        int moved,
        int onVan,
        @Nullable UUID callId) {
    public enum Reason {
        RECEIVED,
        COUNTED,
        WRITTEN_OFF,
        /** To the supplier. */
        RETURNED,
        /** To the supplier, who answers for it. */
        WARRANTY,
        /** To another van or the store room, or from it. */
        GIVEN,
        USED,
        PUT_BACK
    }
}
