package grimygasket.server.machines;

import grimygasket.call.CallMachine;
import grimygasket.call.change.Customer;
import grimygasket.call.change.Customer.Address;
import grimygasket.pack.machine.Rating;
import grimygasket.server.customers.AddressStore;
import grimygasket.server.customers.CustomerSearch;
import grimygasket.server.web.ByOwner;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
public class MachineStore {
    private final JdbcClient jdbc;
    private final CustomerSearch search;
    private final AddressStore addresses;

    MachineStore(JdbcClient jdbc, CustomerSearch search, AddressStore addresses) {
        this.jdbc = jdbc;
        this.search = search;
        this.addresses = addresses;
    }

    private static final Supplier<Map<Rating, Double>> RATINGS = () -> new EnumMap<>(Rating.class);

    private record Rated(Rating rating, double value) {}

    private record Row(UUID id, String kind, String maker, String model, String serial, String place, int version) {}

    /** Makes sure that a file means whoever stands here under its ids, so that nobody's calls come to stand with somebody else. */
    public void requireSame(Customer customer, CallMachine machine) {
        var name = jdbc.sql("select name from customer where id = :id")
                .param("id", customer.id())
                .query(String.class)
                .optional();
        if (name.isPresent() && !name.get().equalsIgnoreCase(customer.name())) {
            throw new Problem(
                    Kind.INVALID,
                    "Its customer stands here by another name, as " + name.get() + ". Put one of the two right first.");
        }
        boolean isOthers = jdbc.sql("""
                        select exists (select 1 from machine
                                       where id = :id and (customer_id <> :customer or kind <> :kind))
                        """)
                .param("id", machine.id())
                .param("customer", customer.id())
                .param("kind", machine.kind())
                .query(Boolean.class)
                .single();
        if (isOthers) {
            throw new Problem(Kind.INVALID, "Its machine stands here as another customer's, or is of another kind.");
        }
    }

    /**
     * The machine with that id is left as it is, so that a repeated request changes nothing.
     *
     * @param elsewhere where it stands, which is put on file with it; null for its customer's own address
     */
    @Transactional
    public void addMachineIfNew(CallMachine sent, UUID customerId, @Nullable Address elsewhere) {
        var machine = sent.onFile();
        int added = jdbc.sql("""
                        insert ignore into machine (id, customer_id, kind, maker, model, serial, place, version)
                        values (:id, :customerId, :kind, :maker, :model, :serial, :place, :version)
                        """)
                .param("id", machine.id())
                .param("customerId", customerId)
                .param("kind", machine.kind())
                .param("maker", machine.maker())
                .param("model", machine.model())
                .param("serial", machine.serial())
                .param("place", machine.place())
                .param("version", machine.version())
                .update();
        if (added == 1) {
            if (elsewhere != null) {
                addresses.addIfNew(customerId, elsewhere);
                stand(machine.id(), elsewhere.id());
            }
            addFeatures(machine.id(), machine.features());
            machine.ratings().forEach((rating, value) -> setRating(machine.id(), rating, value));
            search.noteParts(customerId);
        }
    }

    /** Machines by their ids; one that is not on file is left out. */
    private Map<UUID, CallMachine> machines(Collection<UUID> ids) {
        if (ids.isEmpty()) {
            return Map.of();
        }
        return complete(jdbc.sql(
                                "select id, kind, maker, model, serial, place, version from machine where id in (:ids)")
                        .param("ids", ids)
                        .query(Row.class)
                        .list())
                .stream()
                .collect(Collectors.toMap(CallMachine::id, machine -> machine));
    }

    /** @param customer id of whose it is */
    public record Owned(UUID customer, CallMachine machine) {}

    public Owned owned(UUID id) {
        var machine = machines(List.of(id)).get(id);
        if (machine == null) {
            throw new Problem(Kind.NOT_FOUND, "This machine is not on file.");
        }
        return new Owned(customerOf(id), machine);
    }

    /** Customer to their machines; one without any is left out. */
    public Map<UUID, List<CallMachine>> machinesOf(Collection<UUID> customers) {
        var ofCustomer = ByOwner.read(
                jdbc,
                "select customer_id as owner, id from machine where customer_id in (:owners) order by id",
                customers,
                (row, number) -> row.getObject("id", UUID.class));
        var machines =
                machines(ofCustomer.values().stream().flatMap(List::stream).toList());
        return ofCustomer.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        one -> one.getValue().stream().map(machines::get).toList()));
    }

    private record Standing(UUID id, UUID address) {}

    /** Of the machines of some customers, those that stand elsewhere, to the id of the address. */
    public Map<UUID, UUID> elsewhere(Collection<UUID> customers) {
        return customers.isEmpty()
                ? Map.of()
                : jdbc.sql("""
                                select id, address_id as address from machine
                                where customer_id in (:customers) and address_id is not null
                                """).param("customers", customers).query(Standing.class).list().stream()
                        .collect(Collectors.toMap(Standing::id, Standing::address));
    }

    /**
     * Where a machine stands from now on.
     *
     * @param address one of its customer's; null for the customer's own
     * @return whether the customer has that address
     */
    public boolean stand(UUID machine, @Nullable UUID address) {
        return jdbc.sql("""
                        update machine m set m.address_id = :address
                        where m.id = :machine
                          and (:address is null
                               or exists (select 1 from address a where a.id = :address and a.customer_id = m.customer_id))
                        """).param("machine", machine).param("address", address).update() == 1;
    }

    private UUID customerOf(UUID machineId) {
        return jdbc.sql("select customer_id from machine where id = :id")
                .param("id", machineId)
                .query(UUID.class)
                .single();
    }

    /** Keeps what a machine has become. */
    public void keep(CallMachine before, CallMachine after) {
        if (!after.plate().equals(before.plate())) {
            jdbc.sql("""
                            update machine set maker = :maker, model = :model, serial = :serial, place = :place where id = :id
                            """)
                    .param("maker", after.maker())
                    .param("model", after.model())
                    .param("serial", after.serial())
                    .param("place", after.place())
                    .param("id", after.id())
                    .update();
            search.noteParts(customerOf(after.id()));
        }
        if (!after.features().equals(before.features())) {
            jdbc.sql("update machine set version = :version where id = :id")
                    .param("version", after.version())
                    .param("id", after.id())
                    .update();
            jdbc.sql("delete from machine_feature where machine_id = :id")
                    .param("id", after.id())
                    .update();
            addFeatures(after.id(), after.features());
        }
        for (var rating : Rating.values()) {
            if (!Objects.equals(before.ratings().get(rating), after.ratings().get(rating))) {
                setRating(after.id(), rating, after.ratings().get(rating));
            }
        }
    }

    private void addFeatures(UUID machineId, List<String> features) {
        for (var feature : Set.copyOf(features)) {
            jdbc.sql("insert into machine_feature (machine_id, feature) values (:machineId, :feature)")
                    .param("machineId", machineId)
                    .param("feature", feature)
                    .update();
        }
    }

    /** With their features and ratings. */
    private List<CallMachine> complete(List<Row> rows) {
        var ids = rows.stream().map(Row::id).toList();
        var features = ByOwner.read(jdbc, """
                select machine_id as owner, feature from machine_feature
                where machine_id in (:owners) order by feature
                """, ids, (row, number) -> row.getString("feature"));
        var ratings = ByOwner.read(
                jdbc,
                "select machine_id as owner, rating, value from machine_rating where machine_id in (:owners)",
                ids,
                Rated.class);
        return rows.stream()
                .map(row -> new CallMachine(
                        row.id,
                        row.kind,
                        row.maker,
                        row.model,
                        row.serial,
                        row.place,
                        features.getOrDefault(row.id, List.of()),
                        ratings.getOrDefault(row.id, List.of()).stream()
                                .collect(Collectors.toMap(Rated::rating, Rated::value, (one, same) -> one, RATINGS)),
                        row.version))
                .toList();
    }

    /**
     * Keeps what a machine is made for.
     *
     * @param value in the base unit; null to forget it
     */
    private void setRating(UUID machineId, Rating rating, Double value) {
        var sql = value == null ? "delete from machine_rating where machine_id = :id and rating = :rating" : """
                        insert into machine_rating (machine_id, rating, value) values (:id, :rating, :value)
                        on duplicate key update value = :value
                        """;
        var statement = jdbc.sql(sql).param("id", machineId).param("rating", rating.name());
        (value == null ? statement : statement.param("value", value)).update();
    }
}
