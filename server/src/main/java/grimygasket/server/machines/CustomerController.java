package grimygasket.server.machines;

import grimygasket.call.CallMachine;
import grimygasket.call.Customer;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CustomerController {
    record Home(Customer customer, List<CallMachine> machines) {}

    private final MachineStore machines;

    CustomerController(MachineStore machines) {
        this.machines = machines;
    }

    @GetMapping("/api/customers")
    List<Home> search(@RequestParam String search) {
        var found = machines.search(search);
        var machinesOf = machines.machinesOf(found.stream().map(Customer::id).toList());
        return found.stream()
                .map(customer -> new Home(customer, machinesOf.getOrDefault(customer.id(), List.of())))
                .toList();
    }
}
