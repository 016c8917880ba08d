package grimygasket.server.customers;

import grimygasket.call.change.Customer;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

@Repository
public class CustomerStore {
    /** As many as are listed at a time. */
    public static final int PAGE = 50;

    private static final String SELECT = "select id, " + CustomerRows.COLUMNS + " from customer ";

    private final JdbcClient jdbc;
    private final CustomerSearch search;
    private final Twins twins;

    CustomerStore(JdbcClient jdbc, CustomerSearch search, Twins twins) {
        this.jdbc = jdbc;
        this.search = search;
        this.twins = twins;
    }

    /** The customer with that id is left as it is, so that a repeated request changes nothing. */
    @Transactional
    public void addIfNew(Customer customer) {
        int added = jdbc.sql("""
                        insert ignore into customer (id, name, street, phone, email, access, latitude, longitude)
                        values (:id, :name, :street, :phone, :email, :access, :latitude, :longitude)
                        """).params(CustomerRows.params(customer)).update();
        if (added == 1) {
            search.noteParts(customer.id());
            twins.note(customer.id());
        }
    }

    /** A customer on file; within a transaction locked until it ends. */
    public Customer customer(UUID id) {
        return jdbc.sql(SELECT + "where id = :id for update")
                .param("id", id)
                .query(CustomerRows::customer)
                .optional()
                .orElseThrow(() -> new Problem(Kind.NOT_FOUND, "This customer is not on file."));
    }

    /** Puts who a customer is right, by which they are found from now on. */
    public void correct(Customer customer) {
        jdbc.sql("""
                        update customer
                        set name = :name, street = :street, phone = :phone, email = :email, access = :access,
                            latitude = :latitude, longitude = :longitude
                        where id = :id
                        """).params(CustomerRows.params(customer)).update();
        search.noteParts(customer.id());
        twins.note(customer.id());
    }

    /** Those that come next by their names. */
    public List<Customer> page(@Nullable UUID after) {
        if (after == null) {
            return jdbc.sql(SELECT + "order by name, id limit :most")
                    .param("most", PAGE)
                    .query(CustomerRows::customer)
                    .list();
        }
        var name = jdbc.sql("select name from customer where id = :id")
                .param("id", after)
                .query(String.class)
                .optional()
                .orElseThrow(() -> new Problem(Kind.NOT_FOUND, "The list has changed: look at it from its beginning."));
        // The first condition alone would be enough but for the index, which only it can use.
        return jdbc.sql(SELECT + "where name >= :name and (name > :name or id > :id) order by name, id limit :most")
                .param("name", name)
                .param("id", after)
                .param("most", PAGE)
                .query(CustomerRows::customer)
                .list();
    }

    public List<Customer> all() {
        return jdbc.sql(SELECT + "order by name, id")
                .query(CustomerRows::customer)
                .list();
    }

    /** Whoever is on file with the same name, and either the same street or the same phone. */
    public Optional<Customer> same(Customer customer) {
        return jdbc.sql(SELECT + """
                        where name = :name
                          and (street = :street or (length(digits) >= :least and digits = regexp_replace(:phone, '[^0-9]', '')))
                        order by id limit 1
                        """)
                .param("name", customer.name())
                .param("street", customer.street())
                .param("phone", customer.phone())
                .param("least", Twins.DIGITS_OF_A_PHONE)
                .query(CustomerRows::customer)
                .optional();
    }

    /** Everything of a customer is another's from now on. */
    public void join(UUID from, UUID into) {
        jdbc.sql("update machine set customer_id = :into where customer_id = :from")
                .param("into", into)
                .param("from", from)
                .update();
        jdbc.sql("update address set customer_id = :into where customer_id = :from")
                .param("into", into)
                .param("from", from)
                .update();
        jdbc.sql("delete from search_part where customer_id = :from")
                .param("from", from)
                .update();
        jdbc.sql("delete from customer where id = :from").param("from", from).update();
        search.noteParts(into);
    }
}
