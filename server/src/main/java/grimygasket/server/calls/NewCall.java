package grimygasket.server.calls;

import grimygasket.server.machines.Customer;
import grimygasket.server.machines.Machine;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;

/**
 * A call to add, with its customer and machine, which are added too if they are new.
 *
 * @param visitId the visit that it is made on with others; null for a visit of its own
 * @param follows id of an earlier call about the same machine, since which it has failed again; null for none
 */
record NewCall(
        UUID visitId,
        UUID follows,

        @NotNull(message = "Choose the day.") LocalDate day,
        @NotNull(message = "Choose the time.") LocalTime plannedAt,

        @NotBlank(message = "Write down the complaint in the customer's words.")
        @Size(max = 500, message = "The complaint is too long: 500 characters at most.")
        String complaint,

        @NotNull @Valid Customer customer,
        @NotNull @Valid Machine machine) {}
