package grimygasket.server.machines;

import grimygasket.call.CallMachine;
import grimygasket.pack.Rating;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A machine in a customer's home.
 *
 * @param kind id of the pack that covers it
 * @param place where it stands
 * @param features ids of the features that it has
 * @param ratings what its plate or papers say, in base units; left out for nothing
 */
public record Machine(
        @NotNull UUID id,
        @NotBlank(message = "Choose the kind of machine.") String kind,

        @NotBlank(message = "Enter the maker; it is on the plate inside the door.")
        @Size(max = 60, message = "The maker's name is too long: 60 characters at most.")
        String maker,

        @NotNull @Size(max = 60, message = "The model is too long: 60 characters at most.")
        String model,

        @NotNull @Size(max = 60, message = "The serial number is too long: 60 characters at most.")
        String serial,

        @NotNull @Size(max = 120, message = "The place is too long: 120 characters at most.")
        String place,

        @NotNull List<String> features,
        @Nullable Map<Rating, Double> ratings,
        int version) {
    public Machine {
        ratings = ratings == null ? Map.of() : ratings;
    }

    /** As a call had it. */
    public static Machine of(CallMachine on) {
        return new Machine(
                on.id(),
                on.kind(),
                on.maker(),
                on.model(),
                on.serial(),
                on.place(),
                on.features(),
                on.ratings(),
                on.version());
    }

    /** As a call has it. */
    public CallMachine onCall() {
        return new CallMachine(id, kind, maker.strip(), model, serial, place, features, ratings, Math.max(1, version));
    }
}
