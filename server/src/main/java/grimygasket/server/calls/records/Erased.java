package grimygasket.server.calls.records;

import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Tombstones of erased customers and their calls, as hashes of their ids: what a device still has of them is not taken again. */
@Repository
public class Erased {
    private final JdbcClient jdbc;

    Erased(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    public void add(UUID customer, List<UUID> calls) {
        Stream.concat(Stream.of(customer), calls.stream())
                .forEach(id -> jdbc.sql("insert ignore into erased (id) values (sha2(:id, 256))")
                        .param("id", id.toString())
                        .update());
    }

    /** A lead brings them back on purpose. */
    public void lift(UUID customer, UUID call) {
        jdbc.sql("delete from erased where id in (sha2(:customer, 256), sha2(:call, 256))")
                .param("customer", customer.toString())
                .param("call", call.toString())
                .update();
    }

    /** @throws Problem if the customer, or the call, was erased */
    public void requireNot(UUID customer, UUID call) {
        boolean erased = jdbc.sql(
                        "select exists (select 1 from erased where id in (sha2(:customer, 256), sha2(:call, 256)))")
                .param("customer", customer.toString())
                .param("call", call.toString())
                .query(Boolean.class)
                .single();
        if (erased) {
            throw new Problem(
                    Kind.INVALID,
                    "All that was kept of this customer has been erased. If they want to be served again, enter them as a new customer.");
        }
    }
}
