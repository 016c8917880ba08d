package grimygasket.server.calls;

import grimygasket.call.Customer;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.machines.MachineStore;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is kept of a customer, put right or taken off file. */
@RestController
class CustomerDataController {
    /** Who they are, as it is to stand on file. */
    record Data(
            @NotBlank(message = "Enter the customer's name.") @Size(max = 80, message = "At most 80 characters.")
            String name,

            @NotNull @Size(max = 120, message = "At most 120 characters.")
            String street,

            @NotNull @Size(max = 40, message = "At most 40 characters.")
            String phone) {
        Customer of(UUID customer) {
            return new Customer(customer, name.strip(), street.strip(), phone.strip());
        }
    }

    /**
     * @param was what stood there as it was seen
     * @param now what is to stand there
     */
    record Correction(
            @NotNull @Valid Data was, @NotNull @Valid Data now) {}

    private final MachineStore machines;
    private final CallStore calls;
    private final Erasure erasure;
    private final CommandLog log;
    private final Clock clock;

    CustomerDataController(MachineStore machines, CallStore calls, Erasure erasure, CommandLog log, Clock clock) {
        this.machines = machines;
        this.calls = calls;
        this.erasure = erasure;
        this.log = log;
        this.clock = clock;
    }

    /** Corrects it on file, and with that on every call; whoever has an open one on a device is told. */
    @PutMapping("/api/customers/{customerId}")
    @Transactional
    public Customer correct(
            @PathVariable UUID customerId,
            @Valid @RequestBody Correction correction,
            @AuthenticationPrincipal SignedIn me) {
        var stands = machines.customer(customerId);
        var wanted = correction.now.of(customerId);
        if (!stands.equals(wanted)) {
            if (!stands.equals(correction.was.of(customerId))) {
                throw new Problem(
                        Kind.STALE,
                        "Somebody has changed this meanwhile. Look at what stands there now, and try again.");
            }
            machines.correct(wanted);
            for (var call : calls.openOf(customerId)) {
                log.addNew(UUID.randomUUID(), "correct-customer", call, me.id(), clock.instant(), wanted);
            }
        }
        return wanted;
    }

    /** Erases a customer for good; whoever has one of their calls on a device is told. */
    @DeleteMapping("/api/customers/{customerId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void erase(@PathVariable UUID customerId, @AuthenticationPrincipal SignedIn me) {
        machines.customer(customerId);
        for (var call : erasure.erase(customerId)) {
            log.addNew(UUID.randomUUID(), "erase-customer", call, me.id(), clock.instant(), Map.of());
        }
    }
}
