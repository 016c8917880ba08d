package grimygasket.server.homes;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import grimygasket.call.CallMachine;
import grimygasket.call.change.Customer;
import grimygasket.call.change.Customer.Address;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.commands.CustomerChanges;
import grimygasket.server.customers.AddressStore;
import grimygasket.server.customers.CustomerSearch;
import grimygasket.server.customers.CustomerStore;
import grimygasket.server.customers.Twins;
import grimygasket.server.homes.HomeStore.CallLine;
import grimygasket.server.machines.MachineStore;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Customers: found, listed, put right, joined, taken off file. */
@RestController
class CustomerController {
    /**
     * @param addresses others than the customer's own
     * @param elsewhere of the machines that stand at one of those, its id
     */
    record Home(Customer customer, List<CallMachine> machines, List<Address> addresses, Map<UUID, UUID> elsewhere) {}

    private final CustomerStore customers;
    private final CustomerSearch search;
    private final Twins twins;
    private final CustomerChanges changes;
    private final MachineStore machines;
    private final AddressStore addresses;
    private final HomeStore homes;

    CustomerController(
            CustomerStore customers,
            CustomerSearch search,
            Twins twins,
            CustomerChanges changes,
            MachineStore machines,
            AddressStore addresses,
            HomeStore homes) {
        this.customers = customers;
        this.search = search;
        this.twins = twins;
        this.changes = changes;
        this.machines = machines;
        this.addresses = addresses;
        this.homes = homes;
    }

    /**
     * Customers with their machines.
     *
     * @param search parts of words that all have to be there; blank for everybody, by their names
     * @param after id of the last of those that were listed before; only without a search
     */
    @GetMapping("/api/customers")
    List<Home> list(
            @RequestParam(defaultValue = "") String search, @RequestParam(required = false) @Nullable UUID after) {
        return withMachines(search.isBlank() ? customers.page(after) : this.search.search(search));
    }

    /** Those who may be on file twice, each beside whom they are like. */
    @GetMapping("/api/alike-customers")
    List<Home> alike() {
        return withMachines(twins.all());
    }

    private List<Home> withMachines(List<Customer> some) {
        var ids = some.stream().map(Customer::id).toList();
        var machinesOf = machines.machinesOf(ids);
        var addressesOf = addresses.of(ids);
        var elsewhere = machines.elsewhere(ids);
        return some.stream()
                .map(customer -> {
                    var own = machinesOf.getOrDefault(customer.id(), List.of());
                    return new Home(
                            customer,
                            own,
                            addressesOf.getOrDefault(customer.id(), List.of()),
                            own.stream()
                                    .map(CallMachine::id)
                                    .filter(elsewhere::containsKey)
                                    .collect(Collectors.toMap(id -> id, elsewhere::get)));
                })
                .toList();
    }

    /** @param calls about any of the machines, latest first */
    record CustomerFile(@JsonUnwrapped Home home, List<CallLine> calls) {}

    @GetMapping("/api/customers/{customerId}")
    CustomerFile customer(@PathVariable UUID customerId) {
        var home = withMachines(List.of(customers.customer(customerId))).get(0);
        return new CustomerFile(home, homes.callsOf(customerId));
    }

    /**
     * @param was what stood there as it was seen; null for a customer who is new
     * @param now what is to stand there
     */
    record Correction(
            @Valid @Nullable CustomerData was,
            @NotNull @Valid CustomerData now) {}

    /** Puts it right on file, and with that on every call; or puts a new customer on file. */
    @PutMapping("/api/customers/{customerId}")
    @Transactional
    public Customer put(
            @PathVariable UUID customerId,
            @Valid @RequestBody Correction correction,
            @AuthenticationPrincipal SignedIn me) {
        var wanted = correction.now.of(customerId);
        if (correction.was == null) {
            customers.addIfNew(wanted);
        }
        var stands = customers.customer(customerId);
        if (!stands.equals(wanted)) {
            if (correction.was == null || !stands.equals(correction.was.of(customerId))) {
                throw new Problem(
                        Kind.STALE,
                        "Somebody has changed this meanwhile. Look at what stands there now, and try again.");
            }
            changes.correct(wanted, me.id());
        }
        return wanted;
    }

    /** @param into id of the customer whose all of it is from now on */
    record Joining(@NotNull UUID into) {}

    /** Two entries were of the same customer. */
    @PostMapping("/api/customers/{customerId}/join")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void join(
            @PathVariable UUID customerId, @Valid @RequestBody Joining joining, @AuthenticationPrincipal SignedIn me) {
        changes.join(customerId, joining.into, me.id());
    }

    /** Erases a customer for good. */
    @DeleteMapping("/api/customers/{customerId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void erase(@PathVariable UUID customerId, @AuthenticationPrincipal SignedIn me) {
        changes.erase(customerId, me.id());
    }
}
