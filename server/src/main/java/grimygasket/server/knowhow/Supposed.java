package grimygasket.server.knowhow;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * What is supposed to be known of a machine.
 *
 * @param features what it has
 */
record Supposed(
        @NotNull List<String> features,

        @NotNull @Size(max = 60, message = "That is more than can be weighed: 60 findings at most.")
        List<@Valid Supposition> findings) {}
