package grimygasket.server.homes;

import grimygasket.call.change.Customer;
import grimygasket.call.change.Customer.Address;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.customers.AddressStore;
import grimygasket.server.customers.CustomerStore;
import grimygasket.server.machines.MachineStore;
import grimygasket.server.web.Attachment;
import grimygasket.server.web.CsvFile.Imported;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Customers and their machines as a file, out and in. */
@RestController
class HomeFileController {
    private final CustomerStore customers;
    private final AddressStore addresses;
    private final MachineStore machines;
    private final HomeImport homes;

    HomeFileController(CustomerStore customers, AddressStore addresses, MachineStore machines, HomeImport homes) {
        this.customers = customers;
        this.addresses = addresses;
        this.machines = machines;
        this.homes = homes;
    }

    @GetMapping("/api/customers.csv")
    ResponseEntity<String> file() {
        var all = customers.all();
        var ids = all.stream().map(Customer::id).toList();
        var streets = addresses.of(ids).values().stream()
                .flatMap(List::stream)
                .collect(Collectors.toMap(Address::id, Address::street));
        var standsAt = new HashMap<UUID, String>();
        machines.elsewhere(ids).forEach((machine, address) -> standsAt.put(machine, streets.get(address)));
        return Attachment.ofText("customers.csv", "text/csv", HomeFile.write(all, machines.machinesOf(ids), standsAt));
    }

    /** @param column as "ours:theirs", for each that has another name in the file */
    @PostMapping(path = "/api/customers.csv", consumes = "text/csv", produces = MediaType.APPLICATION_JSON_VALUE)
    Imported take(
            @RequestBody String csv,
            @RequestParam(defaultValue = "") List<String> column,
            @AuthenticationPrincipal SignedIn me) {
        return homes.take(csv, called(column), me.id());
    }

    private static Map<String, String> called(List<String> columns) {
        var called = new HashMap<String, String>();
        for (var column : columns) {
            int between = column.indexOf(':');
            if (between < 1) {
                throw new Problem(Kind.INVALID, "A column is named like name:Customer, not “" + column + "”.");
            }
            called.put(column.substring(0, between), column.substring(between + 1));
        }
        return called;
    }
}
