package grimygasket.server.shelf;

import grimygasket.server.shelf.PartMove.Reason;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What changes how many of a part are on a van.
 *
 * @param id sent again, it changes nothing twice
 * @param count how many come, go or are given away; of what is counted, how many there are
 * @param van account whose van it is; that of nobody for the store room, as below
 * @param to account to whose van they are given; null for all else
 */
record Moving(
        @NotNull UUID id,
        @NotNull Reason reason,

        @Min(value = 0, message = "None or more.") @Max(value = 999, message = "At most 999.")
        int count,

        @NotNull UUID van,
        @Nullable UUID to) {}
