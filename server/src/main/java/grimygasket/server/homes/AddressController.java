package grimygasket.server.homes;

import grimygasket.call.change.Customer.Address;
import grimygasket.route.Location;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.commands.CustomerChanges;
import grimygasket.server.customers.AddressStore;
import grimygasket.server.customers.CustomerStore;
import grimygasket.server.machines.MachineStore;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Where else than at their own address customers have machines. */
@RestController
class AddressController {
    private final AddressStore addresses;
    private final CustomerStore customers;
    private final CustomerChanges changes;
    private final MachineStore machines;

    AddressController(AddressStore addresses, CustomerStore customers, CustomerChanges changes, MachineStore machines) {
        this.addresses = addresses;
        this.customers = customers;
        this.changes = changes;
        this.machines = machines;
    }

    /**
     * @param access how somebody gets in; null or blank for nothing
     * @param latitude in degrees; null where it is not known, with the longitude
     */
    record AddressData(
            @NotBlank(message = "Enter the street.") @Size(max = 120, message = "At most 120 characters.")
            String street,

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
        Address of(UUID id) {
            return new Address(
                    id,
                    street.strip(),
                    access == null ? null : access.strip(),
                    latitude == null || longitude == null ? null : new Location(latitude, longitude));
        }
    }

    /** Adds an address, or puts it right on file, and with that on every call about a machine there. */
    @PutMapping("/api/customers/{customerId}/addresses/{addressId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void put(
            @PathVariable UUID customerId,
            @PathVariable UUID addressId,
            @Valid @RequestBody AddressData data,
            @AuthenticationPrincipal SignedIn me) {
        customers.customer(customerId);
        var address = data.of(addressId);
        if (!addresses.put(customerId, address)) {
            throw new Problem(Kind.NOT_FOUND, "This address is another customer's.");
        }
        changes.tellOf(customerId, address, me.id());
    }

    @DeleteMapping("/api/customers/{customerId}/addresses/{addressId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void remove(@PathVariable UUID customerId, @PathVariable UUID addressId) {
        if (!addresses.remove(customerId, addressId)) {
            throw new Problem(
                    Kind.INVALID, "A machine stands there still. Say on its page where it stands now, and try again.");
        }
    }

    /** @param address id of one of the customer's; null for the customer's own */
    record Stands(@Nullable UUID address) {}

    /** A machine has moved. */
    @PutMapping("/api/machines/{machineId}/address")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void stand(@PathVariable UUID machineId, @RequestBody Stands stands, @AuthenticationPrincipal SignedIn me) {
        var owner = machines.owned(machineId).customer();
        customers.customer(owner);
        if (!machines.stand(machineId, stands.address)) {
            throw new Problem(Kind.INVALID, "This customer has no such address.");
        }
        changes.tellOf(owner, stands, me.id());
    }
}
