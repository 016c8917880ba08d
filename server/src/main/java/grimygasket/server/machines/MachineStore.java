package grimygasket.server.machines;

import grimygasket.call.CallMachine;
import grimygasket.call.Customer;
import grimygasket.pack.Rating;
import grimygasket.server.web.ByOwner;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
public class MachineStore {
    private static final int MOST_FOUND = 12;
    /** Of all who have what was typed, so many are put in order. */
    private static final int MOST_LOOKED_AT = 300;

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

    /** A customer on file; within a transaction locked until it ends. */
    public Customer customer(UUID id) {
        return jdbc.sql("select id, name, street, phone from customer where id = :id for update")
                .param("id", id)
                .query(Customer.class)
                .optional()
                .orElseThrow(() -> new Problem(Kind.NOT_FOUND, "This customer is not on file."));
    }

    /** Puts who a customer is right, by which they are found from now on. */
    public void correct(Customer customer) {
        jdbc.sql("update customer set name = :name, street = :street, phone = :phone where id = :id")
                .paramSource(customer)
                .update();
        noteParts(customer.id());
    }

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

    /** The machine with that id is left as it is, so that a repeated request changes nothing. */
    @Transactional
    public void addMachineIfNew(CallMachine sent, UUID customerId) {
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
            addFeatures(machine.id(), machine.features());
            machine.ratings().forEach((rating, value) -> setRating(machine.id(), rating, value));
            noteParts(customerId);
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

    /** Customer to their machines; one without any is left out. */
    Map<UUID, List<CallMachine>> machinesOf(Collection<UUID> customers) {
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

    /**
     * Customers of whom every word that was typed is a part: of the name, street or phone, or of a machine's maker, model or
     * serial number.
     */
    public List<Customer> search(String text) {
        var words = SearchParts.words(text);
        var joined = SearchParts.joined(words);
        var found = withAll(joined);
        // A house number may stand before a telephone number.
        return found.isEmpty() && joined.size() < words.size() ? withAll(words) : found;
    }

    private List<Customer> withAll(Collection<String> typed) {
        if (typed.isEmpty()) {
            return List.of();
        }
        // By the one first that the fewest have, counted no further than matters: all may share an area code or a
        // model. The others
        // are asked of those one by one, each by all parts of a customer: left to itself the database looks at all who
        // have a common
        // word.
        var rows = typed.stream().distinct().collect(Collectors.toMap(word -> word, this::rows));
        var words =
                rows.keySet().stream().sorted(Comparator.comparing(rows::get)).toList();
        var found = new StringBuilder("select distinct customer_id from search_part f where part like :part0");
        var whole = new StringBuilder();
        var params = new HashMap<String, Object>(Map.of("most", MOST_LOOKED_AT));
        for (int i = 0; i < words.size(); i++) {
            var word = words.get(i);
            params.put("part" + i, beginning(word));
            if (i > 0) {
                found.append("""
                         and (select p.part from search_part p force index (search_part_customer)
                              where p.customer_id = f.customer_id and p.part like :part%d limit 1) is not null
                        """.formatted(i));
            }
            if (word.length() > SearchParts.LONGEST) {
                whole.append("""
                         and (concat_ws(' ', c.name, c.street, c.phone) like :word%1$d
                              or exists (select 1 from machine m where m.customer_id = c.id
                                         and concat_ws(' ', m.maker, m.model, m.serial) like :word%1$d))
                        """.formatted(i));
                params.put("word" + i, "%" + word + "%");
            }
        }
        return jdbc.sql("""
                        select c.id, c.name, c.street, c.phone
                        from (%s limit :most) found
                        join customer c on c.id = found.customer_id
                        where 1 = 1 %s
                        order by c.name limit %d
                        """.formatted(found, whole, MOST_FOUND))
                .params(params)
                .query(Customer.class)
                .list();
    }

    /** How many parts begin with a word, as far as it matters. */
    private int rows(String word) {
        return jdbc.sql("select count(*) from (select 1 from search_part where part like :part limit :most) some")
                .param("part", beginning(word))
                .param("most", MOST_LOOKED_AT + 1)
                .query(Integer.class)
                .single();
    }

    /** Words hold nothing that a pattern takes for more than itself. */
    private static String beginning(String word) {
        return word.substring(0, Math.min(word.length(), SearchParts.LONGEST)) + "%";
    }

    /** Notes what every customer is found by, after they were put on file in another way. */
    public void noteAllParts() {
        jdbc.sql("select id from customer").query(UUID.class).list().forEach(this::noteParts);
    }

    /** Notes what a customer is found by, their machines' data among it. */
    private void noteParts(UUID customerId) {
        var texts = jdbc.sql("""
                        select concat_ws(' ', name, street, phone) from customer where id = :id
                        union all
                        select concat_ws(' ', maker, model, serial) from machine where customer_id = :id
                        """).param("id", customerId).query(String.class).list();
        jdbc.sql("delete from search_part where customer_id = :id")
                .param("id", customerId)
                .update();
        var parts = List.copyOf(SearchParts.of(texts));
        if (!parts.isEmpty()) {
            var values = IntStream.range(0, parts.size())
                    .mapToObj(i -> "(:part" + i + ", :id)")
                    .collect(Collectors.joining(", "));
            var params = new HashMap<String, Object>(Map.of("id", customerId));
            IntStream.range(0, parts.size()).forEach(i -> params.put("part" + i, parts.get(i)));
            jdbc.sql("insert into search_part (part, customer_id) values " + values)
                    .params(params)
                    .update();
        }
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
            noteParts(customerOf(after.id()));
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
