package grimygasket.server.homes;

import grimygasket.call.change.Customer;
import grimygasket.route.Location;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Who a customer is, as it is to stand on file.
 *
 * @param email blank or null for none, as what follows
 * @param access how somebody gets in
 * @param latitude of the home, in degrees; null where it is not known, with the longitude
 */
record CustomerData(
        @NotBlank(message = "Enter the customer's name.") @Size(max = 80, message = "At most 80 characters.")
        String name,

        @NotNull @Size(max = 120, message = "At most 120 characters.")
        String street,

        @NotNull @Size(max = 40, message = "At most 40 characters.")
        String phone,

        @Nullable
        @Size(max = 120, message = "At most 120 characters.")
        @Email(message = "An e-mail address looks like name@example.com.")
        String email,

        @Nullable @Size(max = 300, message = "At most 300 characters.")
        String access,

        @Nullable
        @DecimalMin(value = "-90", message = "A latitude lies between -90 and 90.")
        @DecimalMax(value = "90", message = "A latitude lies between -90 and 90.")
        Double latitude,

        @Nullable
        @DecimalMin(value = "-180", message = "A longitude lies between -180 and 180.")
        @DecimalMax(value = "180", message = "A longitude lies between -180 and 180.")
        Double longitude) {
    Customer of(UUID customer) {
        return new Customer(
                customer,
                name.strip(),
                street.strip(),
                phone.strip(),
                email == null ? null : email.strip(),
                access == null ? null : access.strip(),
                latitude == null || longitude == null ? null : new Location(latitude, longitude),
                null);
    }
}
