package grimygasket.server.customers;

import grimygasket.call.change.Customer;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Customers who may be on file twice: who have their phone, or name and street, in common with somebody else. */
@Repository
public class Twins {
    /** Fewer digits are no telephone number by which two are the same. */
    static final int DIGITS_OF_A_PHONE = 6;

    private final JdbcClient jdbc;

    Twins(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Notes whom a customer is like who was just written down. Who is like nobody any more is left out when they are asked for. */
    void note(UUID id) {
        var others = jdbc.sql("""
                        select o.id from customer c
                        join customer o on o.digits = c.digits and o.id <> c.id
                        where c.id = :id and length(c.digits) >= :least and not (c.maybe_twin and o.maybe_twin)
                        union
                        select o.id from customer c
                        join customer o on o.name = c.name and o.street = c.street and o.id <> c.id
                        where c.id = :id and not (c.maybe_twin and o.maybe_twin)
                        """)
                .param("id", id)
                .param("least", DIGITS_OF_A_PHONE)
                .query(UUID.class)
                .list();
        if (!others.isEmpty()) {
            jdbc.sql("update customer set maybe_twin = true where not maybe_twin and (id = :id or id in (:others))")
                    .param("id", id)
                    .param("others", others)
                    .update();
        }
    }

    /** So many as anybody looks at, each beside whom they are like. */
    public List<Customer> all() {
        return jdbc.sql("""
                        select c.id, %1$s from customer c
                        where c.maybe_twin = true
                          and (length(c.digits) >= :least
                               and exists (select 1 from customer o where o.digits = c.digits and o.id <> c.id)
                               or exists (select 1 from customer o where o.name = c.name and o.street = c.street and o.id <> c.id))
                        order by c.digits, c.name, c.id limit :most
                        """.formatted(CustomerRows.COLUMNS))
                .param("least", DIGITS_OF_A_PHONE)
                .param("most", CustomerStore.PAGE)
                .query(CustomerRows::customer)
                .list();
    }
}
