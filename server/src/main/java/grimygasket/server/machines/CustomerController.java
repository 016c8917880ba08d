package grimygasket.server.machines;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class CustomerController {
    record Home(Customer customer, List<Machine> machines) {}

    private final MachineStore machines;

    CustomerController(MachineStore machines) {
        this.machines = machines;
    }

    @GetMapping("/api/customers")
    List<Home> search(@RequestParam String search) {
        return machines.search(search).stream()
                .map(customer -> new Home(customer, machines.machinesOf(customer.id())))
                .toList();
    }
}
