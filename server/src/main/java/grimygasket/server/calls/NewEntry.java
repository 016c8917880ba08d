package grimygasket.server.calls;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import jakarta.validation.constraints.Size;
import java.util.UUID;

/**
 * An entry to add; the id is the sender's, so that a repeated request adds nothing twice.
 *
 * @param measured what was read, for a check with the answer "measured"; null otherwise
 * @param complaint whether it is a sign that somebody called for, and not one noticed on the way; left out, it is
 *     not
 */
record NewEntry(
        @NotNull UUID id,
        @NotNull Entry.Kind kind,

        @NotBlank(message = "Say what was seen.") @Size(max = 40, message = "That is too long: 40 characters at most.")
        String subject,

        @NotBlank(message = "Choose an answer.") @Size(max = 40)
        String answer,

        @Valid Typed measured,

        Boolean complaint) {
    NewEntry {
        complaint = complaint != null && complaint;
    }

    /**
     * A reading as it was typed, or taken from a meter.
     *
     * @param unit its symbol; null for the technician's own
     * @param spread standard deviation in the same unit; null for that of usual instruments
     */
    record Typed(
            @NotBlank(message = "Enter a number.") @Size(max = 20)
            String text,

            @Size(max = 10) String unit,
            @PositiveOrZero Double spread) {}
}
