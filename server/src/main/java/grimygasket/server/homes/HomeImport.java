package grimygasket.server.homes;

import grimygasket.call.CallMachine;
import grimygasket.call.Plate;
import grimygasket.call.change.Customer;
import grimygasket.call.change.Customer.Address;
import grimygasket.knowhow.Shipped;
import grimygasket.pack.machine.Feature;
import grimygasket.server.calls.commands.CustomerChanges;
import grimygasket.server.customers.AddressStore;
import grimygasket.server.customers.CustomerStore;
import grimygasket.server.knowhow.Library;
import grimygasket.server.machines.MachineStore;
import grimygasket.server.web.CsvFile.Imported;
import grimygasket.server.web.CsvFile.Line;
import grimygasket.server.web.CsvFile.Wrong;
import grimygasket.util.Unfit;
import grimygasket.wording.Reasons;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes customers and machines from a file. Whoever is on file with the same name, and the same street or phone, is the same: what
 * stands there stays, and what is missing there is filled in.
 */
@Service
class HomeImport {
    private final CustomerStore customers;
    private final CustomerChanges changes;
    private final MachineStore machines;
    private final AddressStore addresses;
    private final Library library;
    private final Validator validator;

    HomeImport(
            CustomerStore customers,
            CustomerChanges changes,
            MachineStore machines,
            AddressStore addresses,
            Library library,
            Validator validator) {
        this.customers = customers;
        this.changes = changes;
        this.machines = machines;
        this.addresses = addresses;
        this.library = library;
        this.validator = validator;
    }

    /**
     * Takes every line that is right, and says of every other what is wrong with it.
     *
     * @param called our name of a column to the one that it has in the file, where they differ
     */
    @Transactional
    public Imported take(String csv, Map<String, String> called, UUID account) {
        var kinds = kinds();
        var wrong = new ArrayList<Wrong>();
        int taken = 0;
        int known = 0;
        for (var line : HomeFile.read(csv, called)) {
            try {
                var customer = customer(line);
                var machine = machine(line, kinds);
                var same = customers.same(customer);
                same.ifPresentOrElse(stands -> fillIn(stands, customer, account), () -> customers.addIfNew(customer));
                var owner = same.map(Customer::id).orElse(customer.id());
                if (machine != null && isNew(machine, owner)) {
                    machines.addMachineIfNew(machine, owner, standing(customer.elsewhere(), owner));
                }
                taken++;
                known += same.isPresent() ? 1 : 0;
            } catch (Unfit e) {
                wrong.add(new Wrong(line.number(), e.getMessage()));
            }
        }
        return new Imported(taken, known, wrong);
    }

    private Map<String, String> kinds() {
        var kinds = Shipped.KINDS.stream()
                .collect(Collectors.toMap(
                        kind -> library.pack(kind, library.active(kind)).name().toLowerCase(), kind -> kind));
        Shipped.KINDS.forEach(kind -> kinds.put(kind, kind));
        return kinds;
    }

    private Customer customer(Line line) {
        var data = HomeFile.customer(line);
        var wrong = validator.validate(data).stream()
                .collect(Collectors.toMap(one -> one.getPropertyPath().toString(), ConstraintViolation::getMessage));
        require(wrong);
        var standsAt = line.text("stands_at");
        var isElsewhere = !standsAt.isEmpty() && !standsAt.equalsIgnoreCase(data.street());
        var customer = data.of(UUID.randomUUID())
                .with(isElsewhere ? new Address(UUID.randomUUID(), standsAt, null, null) : null);
        require(Reasons.say(customer.unfit()));
        return customer;
    }

    /** @param wrong by column, in sentences */
    private static void require(Map<String, String> wrong) {
        if (!wrong.isEmpty()) {
            throw new Unfit(wrong.entrySet().stream()
                    .map(one -> one.getKey() + ": " + one.getValue())
                    .sorted()
                    .collect(Collectors.joining(" ")));
        }
    }

    /** Where the machine of a line stands: at an address that its owner has already, by its street, or at the new one. */
    private @Nullable Address standing(@Nullable Address said, UUID owner) {
        return said == null
                ? null
                : addresses.of(owner).stream()
                        .filter(there -> there.street().equalsIgnoreCase(said.street()))
                        .findFirst()
                        .orElse(said);
    }

    /** Nobody has looked at it yet: it is taken to be as most are. */
    private List<String> usual(String kind) {
        return library.pack(kind, library.active(kind)).features().stream()
                .filter(Feature::usual)
                .map(Feature::id)
                .toList();
    }

    private @Nullable CallMachine machine(Line line, Map<String, String> kinds) {
        if (HomeFile.OF_A_MACHINE.stream().allMatch(column -> line.text(column).isEmpty())) {
            return null;
        }
        var kind = kinds.get(line.text("kind").toLowerCase());
        if (kind == null) {
            throw new Unfit("There is no kind of machine “" + line.text("kind") + "”: "
                    + String.join(", ", Shipped.KINDS) + ".");
        }
        var plate = new Plate(line.text("maker"), line.text("model"), line.text("serial"), line.text("place"));
        require(Reasons.say(plate.unfit()));
        return new CallMachine(
                UUID.randomUUID(),
                kind,
                plate.maker(),
                plate.model(),
                plate.serial(),
                plate.place(),
                usual(kind),
                Map.of(),
                0);
    }

    private boolean isNew(CallMachine machine, UUID owner) {
        return machines.machinesOf(List.of(owner)).getOrDefault(owner, List.of()).stream()
                .noneMatch(there -> there.kind().equals(machine.kind())
                        && (machine.serial().isEmpty() || there.serial().isEmpty()
                                ? there.maker().equalsIgnoreCase(machine.maker())
                                        && there.model().equalsIgnoreCase(machine.model())
                                : there.serial().equalsIgnoreCase(machine.serial())));
    }

    private void fillIn(Customer stands, Customer said, UUID account) {
        var filled = new Customer(
                stands.id(),
                stands.name(),
                stands.street(),
                stands.phone().isBlank() ? said.phone() : stands.phone(),
                Objects.requireNonNullElse(stands.email(), said.email() == null ? "" : said.email()),
                Objects.requireNonNullElse(stands.access(), said.access() == null ? "" : said.access()),
                stands.at() == null ? said.at() : stands.at(),
                null);
        if (!filled.equals(stands)) {
            changes.correct(filled, account);
        }
    }
}
