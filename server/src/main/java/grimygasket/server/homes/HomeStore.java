package grimygasket.server.homes;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What is asked for across the machines of a home. */
@Repository
class HomeStore {
    private static final int MOST_CALLS = 100;

    private final JdbcClient jdbc;

    HomeStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A call in one line. */
    record CallLine(
            UUID id,
            UUID machineId,
            LocalDate day,
            String complaint,
            boolean upkeep,
            boolean closed,
            boolean cancelled) {}

    /** The calls about a customer's machines, latest first, as far back as anybody looks. */
    List<CallLine> callsOf(UUID customer) {
        return jdbc.sql("""
                        select c.id, c.machine_id, c.day, coalesce(json_value(c.record, '$.complaints[0].text'), '') as complaint,
                               c.upkeep, c.closed_at is not null as closed, c.cancelled
                        from service_call c join machine m on m.id = c.machine_id
                        where m.customer_id = :customer
                        order by c.day desc, c.planned_at desc, c.id limit :most
                        """)
                .param("customer", customer)
                .param("most", MOST_CALLS)
                .query(CallLine.class)
                .list();
    }
}
