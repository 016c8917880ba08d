package grimygasket.server.homes;

import grimygasket.call.CallMachine;
import grimygasket.call.change.Customer;
import grimygasket.call.change.Customer.Address;
import grimygasket.report.MachineHistory;
import grimygasket.report.MachineHistory.Past;
import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.known.Knowhows;
import grimygasket.server.calls.records.CallStore;
import grimygasket.server.customers.AddressStore;
import grimygasket.server.customers.CustomerStore;
import grimygasket.server.homes.DueStore.NextDate;
import grimygasket.server.machines.MachineStore;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** A machine with what it had before. */
@RestController
class MachineController {
    private final MachineStore machines;
    private final AddressStore addresses;
    private final CustomerStore customers;
    private final CallStore calls;
    private final Knowhows knowhows;
    private final Dues dues;
    private final DueStore dueStore;
    private final AccountStore accounts;

    MachineController(
            MachineStore machines,
            AddressStore addresses,
            CustomerStore customers,
            CallStore calls,
            Knowhows knowhows,
            Dues dues,
            DueStore dueStore,
            AccountStore accounts) {
        this.machines = machines;
        this.addresses = addresses;
        this.customers = customers;
        this.calls = calls;
        this.knowhows = knowhows;
        this.dues = dues;
        this.dueStore = dueStore;
        this.accounts = accounts;
    }

    /**
     * @param addresses of the customer, other than their own, at which it could stand
     * @param dues what it is due for, earliest first
     */
    record MachineFile(
            Customer customer,
            List<Address> addresses,
            CallMachine machine,
            MachineHistory history,
            List<NextDate> dues) {}

    @GetMapping("/api/machines/{machineId}")
    MachineFile machine(@PathVariable UUID machineId, @AuthenticationPrincipal SignedIn me) {
        var owned = machines.owned(machineId);
        var others = addresses.of(owned.customer());
        var at = machines.elsewhere(List.of(owned.customer())).get(machineId);
        var elsewhere =
                others.stream().filter(one -> one.id().equals(at)).findFirst().orElse(null);
        var past = knowhows.of(calls.about(machineId), me.id()).stream()
                .map(known -> new Past(known.call(), known.knowhow()))
                .toList();
        dues.workOut(machineId, me);
        return new MachineFile(
                customers.customer(owned.customer()).with(elsewhere),
                others,
                owned.machine(),
                MachineHistory.of(past, accounts.system(me.id())),
                dueStore.of(machineId));
    }
}
