package grimygasket.server.calls;

import grimygasket.server.machines.Customer;
import grimygasket.server.machines.Machine;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A call to add, with its customer and machine, which are added too if they are new.
 *
 * @param visitId the visit that it is made on with others; null for a visit of its own
 * @param upkeep whether it is for upkeep; left out, it is for a fault, and wants a complaint
 * @param follows id of an earlier call about the same machine, since which it has failed again; null for none
 */
@SaysWhatFor
record NewCall(
        @Nullable UUID visitId,
        @Nullable UUID follows,
        @Nullable Boolean upkeep,

        @NotNull(message = "Choose the day.") LocalDate day,
        @NotNull(message = "Choose the time.") LocalTime plannedAt,

        @NotNull(message = "Write down the complaint in the customer's words.")
        @Size(max = 500, message = "The complaint is too long: 500 characters at most.")
        String complaint,

        @NotNull @Valid Customer customer,
        @NotNull @Valid Machine machine) {
    NewCall {
        upkeep = upkeep != null && upkeep;
    }
}
