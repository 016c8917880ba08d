package grimygasket.server.accounts;

import grimygasket.pack.work.Competence;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What somebody is qualified for.
 *
 * @param since the day of what shows it
 * @param until the last day on which it holds; null for one that does not end
 * @param proof what shows it, such as a certificate and its number
 */
public record Qualification(
        @NotNull Competence competence,

        @NotNull(message = "Enter the day of the certificate.")
        LocalDate since,

        @Nullable LocalDate until,

        @NotBlank(message = "Enter what shows it, such as the certificate's number.")
        @Size(max = 200, message = "At most 200 characters.")
        String proof) {}
