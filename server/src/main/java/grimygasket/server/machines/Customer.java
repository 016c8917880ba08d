package grimygasket.server.machines;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;

public record Customer(
        @NotNull UUID id,

        @NotBlank(message = "Enter the customer's name.")
        @Size(max = 80, message = "The name is too long: 80 characters at most.")
        String name,

        @NotBlank(message = "Enter the street, so that you find the house.")
        @Size(max = 120, message = "The street is too long: 120 characters at most.")
        String street,

        @NotNull @Size(max = 40, message = "The phone number is too long: 40 characters at most.")
        String phone) {}
