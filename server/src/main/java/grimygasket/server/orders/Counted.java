package grimygasket.server.orders;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/**
 * Some of a part.
 *
 * @param count how many, 1 to 999
 */
record Counted(
        @NotNull UUID part,

        @Min(value = 1, message = "One or more.") @Max(value = 999, message = "At most 999.")
        int count) {}
