package grimygasket.server.machines;

import grimygasket.pack.Rating;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
public class MachineStore {
    private final JdbcClient jdbc;

    MachineStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

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
        return jdbc.sql("select id, kind, maker, model, serial, place, version from machine where id = :id")
                .param("id", id)
                .query(Row.class)
                .optional()
                .map(this::withFeatures)
                .orElseThrow(() -> new Problem(Kind.NOT_FOUND, "This machine is not on file."));
    }

    public Customer customerOf(UUID machineId) {
        return jdbc.sql("""
                        select c.id, c.name, c.street, c.phone
                        from customer c join machine m on m.customer_id = c.id
                        where m.id = :machineId
                        """).param("machineId", machineId).query(Customer.class).single();
    }

    public List<Machine> machinesOf(UUID customerId) {
        return jdbc.sql("""
                        select id, kind, maker, model, serial, place, version
                        from machine where customer_id = :customerId order by id
                        """).param("customerId", customerId).query(Row.class).list().stream()
                .map(this::withFeatures)
                .toList();
    }

    /** Customers whose name, street or phone, or whose machine's maker or model, contains the text. */
    public List<Customer> search(String text) {
        return jdbc.sql("""
                        select c.id, c.name, c.street, c.phone
                        from customer c
                        where concat_ws(' ', c.name, c.street, c.phone) like :pattern
                           or exists (select 1 from machine m where m.customer_id = c.id
                                      and concat_ws(' ', m.maker, m.model) like :pattern)
                        order by c.name limit 12
                        """)
                .param("pattern", "%" + text.strip().replaceAll("([%_\\\\])", "\\\\$1") + "%")
                .query(Customer.class)
                .list();
    }

    @Transactional
    public void setFeatures(UUID machineId, List<String> features, int version) {
        int changed = jdbc.sql("update machine set version = version + 1 where id = :id and version = :version")
                .param("id", machineId)
                .param("version", version)
                .update();
        if (changed == 0) {
            throw new Problem(
                    Kind.STALE, "What is fitted was changed on another screen meanwhile; it is shown as it is now.");
        }
        jdbc.sql("delete from machine_feature where machine_id = :id")
                .param("id", machineId)
                .update();
        addFeatures(machineId, features);
    }

    private void addFeatures(UUID machineId, List<String> features) {
        for (var feature : Set.copyOf(features)) {
            jdbc.sql("insert into machine_feature (machine_id, feature) values (:machineId, :feature)")
                    .param("machineId", machineId)
                    .param("feature", feature)
                    .update();
        }
    }

    private Machine withFeatures(Row row) {
        var features = jdbc.sql("select feature from machine_feature where machine_id = :id order by feature")
                .param("id", row.id)
                .query(String.class)
                .list();
        return new Machine(
                row.id, row.kind, row.maker, row.model, row.serial, row.place, features, ratings(row.id), row.version);
    }

    private Map<Rating, Double> ratings(UUID machineId) {
        var ratings = new EnumMap<Rating, Double>(Rating.class);
        jdbc.sql("select rating, value from machine_rating where machine_id = :id")
                .param("id", machineId)
                .query(row -> {
                    ratings.put(Rating.valueOf(row.getString("rating")), row.getDouble("value"));
                });
        return ratings;
    }

    /**
     * Keeps what a machine is made for.
     *
     * @param value in the base unit; null to forget it
     */
    public void setRating(UUID machineId, Rating rating, Double value) {
        var sql = value == null ? "delete from machine_rating where machine_id = :id and rating = :rating" : """
                        insert into machine_rating (machine_id, rating, value) values (:id, :rating, :value)
                        on duplicate key update value = :value
                        """;
        var statement = jdbc.sql(sql).param("id", machineId).param("rating", rating.name());
        (value == null ? statement : statement.param("value", value)).update();
    }
}
