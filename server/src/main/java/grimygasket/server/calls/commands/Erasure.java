package grimygasket.server.calls.commands;

import grimygasket.server.calls.records.Erased;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes a customer off file, with everything that is kept of them: machines, calls, photos, notes, and the words in the log of
 * commands. What is left says nothing of whom: counts on vans, and in the logs who did what kind of thing and when.
 */
@Repository
class Erasure {
    /** Of a call. */
    private static final List<String> OF_CALLS = List.of(
            "delete from photo where call_id in (:calls)",
            "delete from model_note where call_id in (:calls)",
            "delete from own_note where call_id in (:calls)",
            "delete from call_school where call_id in (:calls)",
            "delete from simulated_machine where call_id in (:calls)",
            "delete from part_use where call_id in (:calls)",
            "delete from left_behind where call_id in (:calls)",
            "update command_log set body = '{}', detail = null where call_id in (:calls)",
            """
            update knowhow_use used
            join (select m.kind, c.revision as number, count(*) as calls
                  from service_call c join machine m on m.id = c.machine_id where c.id in (:calls)
                  group by m.kind, c.revision) gone using (kind, number)
            set used.calls = used.calls - gone.calls
            """,
            "delete from service_call where id in (:calls)");

    private static final List<String> OF_MACHINES = List.of(
            "delete from machine_feature where machine_id in (:machines)",
            "delete from machine_rating where machine_id in (:machines)",
            "delete from machine where id in (:machines)");

    private static final List<String> OF_THE_CUSTOMER = List.of(
            "delete from left_behind where json_value(body, '$.change.customer.id') = cast(:customer as char)",
            "delete from search_part where customer_id = :customer",
            "delete from customer where id = :customer");

    private final JdbcClient jdbc;
    private final Erased erased;

    Erasure(JdbcClient jdbc, Erased erased) {
        this.jdbc = jdbc;
        this.erased = erased;
    }

    /** @return the calls that were taken off file */
    @Transactional(propagation = Propagation.MANDATORY)
    List<UUID> erase(UUID customer) {
        var machines = jdbc.sql("select id from machine where customer_id = :customer for update")
                .param("customer", customer)
                .query(UUID.class)
                .list();
        var calls = machines.isEmpty() ? List.<UUID>of() : callsOf(machines);
        eraseRefused(customer);
        if (!calls.isEmpty()) {
            OF_CALLS.forEach(sql -> jdbc.sql(sql).param("calls", calls).update());
        }
        if (!machines.isEmpty()) {
            OF_MACHINES.forEach(sql -> jdbc.sql(sql).param("machines", machines).update());
        }
        erased.add(customer, calls);
        OF_THE_CUSTOMER.forEach(sql -> jdbc.sql(sql).param("customer", customer).update());
        return calls;
    }

    private List<UUID> callsOf(List<UUID> machines) {
        return jdbc.sql("select id from service_call where machine_id in (:machines) order by id for update")
                .param("machines", machines)
                .query(UUID.class)
                .list();
    }

    /** Calls of theirs that were refused are on no file, but what was said of them is in the log. */
    private void eraseRefused(UUID customer) {
        // Read first, without locks: an update would lock all of the log that it looks through.
        var refused = jdbc.sql("""
                        select seq from command_log
                        where kind = 'begin' and outcome not in ('APPLIED', 'SAME') and json_value(body, '$.customer.id') = :customer
                        """)
                .param("customer", customer.toString())
                .query(Long.class)
                .list();
        if (!refused.isEmpty()) {
            jdbc.sql("update command_log set body = '{}', detail = null where seq in (:refused)")
                    .param("refused", refused)
                    .update();
        }
    }
}
