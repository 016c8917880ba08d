package grimygasket.server.homes;

import grimygasket.call.CallMachine;
import grimygasket.call.change.Customer;
import grimygasket.server.web.CsvFile;
import grimygasket.server.web.CsvFile.Line;
import grimygasket.util.Unfit;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Customers and their machines as CSV: a line a machine, and one for a customer who has none. */
final class HomeFile {
    static final List<String> OF_A_CUSTOMER =
            List.of("name", "street", "phone", "email", "access", "latitude", "longitude");
    static final List<String> OF_A_MACHINE = List.of("kind", "maker", "model", "serial", "place", "stands_at");
    private static final List<String> COLUMNS =
            Stream.concat(OF_A_CUSTOMER.stream(), OF_A_MACHINE.stream()).toList();

    private HomeFile() {}

    /** @param standsAt of the machines that stand elsewhere than at their customer's own address, where */
    static String write(List<Customer> customers, Map<UUID, List<CallMachine>> machinesOf, Map<UUID, String> standsAt) {
        return CsvFile.write(
                COLUMNS,
                customers.stream()
                        .flatMap(customer ->
                                machinesOf.getOrDefault(customer.id(), Collections.singletonList(null)).stream()
                                        .map(machine -> line(customer, machine, standsAt))));
    }

    private static List<?> line(Customer customer, @Nullable CallMachine machine, Map<UUID, String> standsAt) {
        var at = customer.at();
        return Arrays.asList(
                customer.name(),
                customer.street(),
                customer.phone(),
                customer.email(),
                customer.access(),
                at == null ? null : at.latitude(),
                at == null ? null : at.longitude(),
                machine == null ? null : machine.kind(),
                machine == null ? null : machine.maker(),
                machine == null ? null : machine.model(),
                machine == null ? null : machine.serial(),
                machine == null ? null : machine.place(),
                machine == null ? null : standsAt.get(machine.id()));
    }

    /** @param called our name of a column to the one that it has in the file, where they differ */
    static List<Line> read(String csv, Map<String, String> called) {
        return CsvFile.read(csv, List.of("name", "street"), called);
    }

    /** @throws Unfit in a sentence */
    static CustomerData customer(Line line) {
        return new CustomerData(
                line.text("name"),
                line.text("street"),
                line.text("phone"),
                line.text("email"),
                line.text("access"),
                degrees(line, "latitude"),
                degrees(line, "longitude"));
    }

    private static @Nullable Double degrees(Line line, String column) {
        var text = line.text(column).replace(',', '.');
        if (text.isEmpty()) {
            return null;
        }
        if (!text.matches("-?\\d{1,3}(\\.\\d{1,12})?")) {
            throw new Unfit("“" + text + "” is no " + column + ": write degrees, like 53.5461.");
        }
        return Double.valueOf(text);
    }
}
