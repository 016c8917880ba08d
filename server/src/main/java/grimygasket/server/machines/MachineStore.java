package grimygasket.server.machines;

import grimygasket.call.CallMachine;
import grimygasket.pack.Rating;
import grimygasket.server.web.ByOwner;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
public class MachineStore {
    private final JdbcClient jdbc;

    MachineStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    private static final Supplier<Map<Rating, Double>> RATINGS = () -> new EnumMap<>(Rating.class);

    private record Rated(Rating rating, double value) {}

    private record Row(UUID id, String kind, String maker, String model, String serial, String place, int version) {}

    /** The customer with that id is left as it is, so that a repeated request changes nothing. */
    public void addCustomerIfNew(Customer customer) {
        jdbc.sql("""
                        insert ignore into customer (id, name, street, phone)
                        values (:id, :name, :street, :phone)
                        """).paramSource(customer).update();
    }

    /** The machine with that id is left as it is, so that a repeated request changes nothing. */
    @Transactional
    public void addMachineIfNew(Machine machine, UUID customerId) {
        int added = jdbc.sql("""
                        insert ignore into machine (id, customer_id, kind, maker, model, serial, place, version)
                        values (:id, :customerId, :kind, :maker, :model, :serial, :place, :version)
                        """)
                .param("id", machine.id())
                .param("customerId", customerId)
                .param("kind", machine.kind())
                .param("maker", machine.maker().strip())
                .param("model", machine.model())
                .param("serial", machine.serial())
                .param("place", machine.place())
                .param("version", Math.max(1, machine.version()))
                .update();
        if (added == 1) {
            addFeatures(machine.id(), machine.features());
            machine.ratings().forEach((rating, value) -> setRating(machine.id(), rating, value));
        }
    }

    public Machine machine(UUID id) {
        return Optional.ofNullable(machines(List.of(id)).get(id))
                .orElseThrow(() -> new Problem(Kind.NOT_FOUND, "This machine is not on file."));
    }

    /** Machines by their ids; one that is not on file is left out. */
    public Map<UUID, Machine> machines(Collection<UUID> ids) {
        if (ids.isEmpty()) {
            return Map.of();
        }
        return complete(jdbc.sql(
                                "select id, kind, maker, model, serial, place, version from machine where id in (:ids)")
                        .param("ids", ids)
                        .query(Row.class)
                        .list())
                .stream()
                .collect(Collectors.toMap(Machine::id, machine -> machine));
    }

    public Customer customerOf(UUID machineId) {
        return customersOf(List.of(machineId)).get(machineId);
    }

    /** Machine to whose it is. */
    public Map<UUID, Customer> customersOf(Collection<UUID> machines) {
        return ByOwner.read(jdbc, """
                        select m.id as owner, c.id, c.name, c.street, c.phone
                        from customer c join machine m on m.customer_id = c.id
                        where m.id in (:owners)
                        """, machines, Customer.class).entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, one -> one.getValue().get(0)));
    }

    public List<Machine> machinesOf(UUID customerId) {
        return complete(
                jdbc.sql("""
                        select id, kind, maker, model, serial, place, version
                        from machine where customer_id = :customerId order by id
                        """).param("customerId", customerId).query(Row.class).list());
    }

    /** Customers whose name, street or phone, or whose machine's maker, model or serial number, contains the text. */
    public List<Customer> search(String text) {
        return jdbc.sql("""
                        select c.id, c.name, c.street, c.phone
                        from customer c
                        where concat_ws(' ', c.name, c.street, c.phone) like :pattern
                           or exists (select 1 from machine m where m.customer_id = c.id
                                      and concat_ws(' ', m.maker, m.model, m.serial) like :pattern)
                        order by c.name limit 12
                        """)
                .param("pattern", "%" + text.strip().replaceAll("([%_\\\\])", "\\\\$1") + "%")
                .query(Customer.class)
                .list();
    }

    /** Keeps what a machine has become. */
    public void keep(CallMachine before, CallMachine after) {
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
    private List<Machine> complete(List<Row> rows) {
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
                .map(row -> new Machine(
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
