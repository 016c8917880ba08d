package grimygasket.server.calls;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;

/** An entry to add; the id is the sender's, so that a repeated request adds nothing twice. */
record NewEntry(
        @NotNull UUID id,
        @NotNull Entry.Kind kind,

        @NotBlank(message = "Say what was seen.") @Size(max = 40, message = "That is too long: 40 characters at most.")
        String subject,

        @NotBlank(message = "Choose an answer.") @Size(max = 40)
        String answer) {}
