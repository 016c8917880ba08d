package grimygasket.server.calls.commands;

import grimygasket.call.change.Command;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** What waited on the device of somebody who was locked out: a lead takes each of it, or leaves it. */
@Repository
class LeftBehind {
    private static final int MOST_OF_A_DEVICE = 1000;

    private final JdbcClient jdbc;
    private final JsonMapper json;
    private final Clock clock;

    LeftBehind(JdbcClient jdbc, JsonMapper json, Clock clock) {
        this.jdbc = jdbc;
        this.json = json;
        this.clock = clock;
    }

    /**
     * Something that was left.
     *
     * @param account of whoever did it
     * @param customer whose call it is about; null where that is not on file
     */
    record Left(
            UUID id,
            UUID account,
            String by,
            Instant receivedAt,
            @Nullable String customer,
            Command command) {}

    private static final String ALL = """
            select l.id, l.account_id, a.name as `by`, l.received_at, c.name as customer, l.body
            from left_behind l join account a on a.id = l.account_id
            left join service_call s on s.id = l.call_id
            left join machine m on m.id = s.machine_id
            left join customer c on c.id = m.customer_id
            """;

    /** Keeps what a device has, once each. */
    void add(UUID device, UUID account, List<Command> commands) {
        int have = jdbc.sql("select count(*) from left_behind where device = :device")
                .param("device", device)
                .query(Integer.class)
                .single();
        commands.stream()
                .limit(Math.max(0, MOST_OF_A_DEVICE - have))
                .forEach(command -> jdbc.sql("""
                        insert ignore into left_behind (id, account_id, device, received_at, call_id, body)
                        values (:id, :account, :device, :now, :call, :body)
                        """)
                        .param("id", command.id())
                        .param("account", account)
                        .param("device", device)
                        .param("now", clock.instant())
                        .param("call", command.call())
                        .param("body", json.writeValueAsString(command))
                        .update());
    }

    /** In the order in which it was done. */
    List<Left> all() {
        return list("order by l.account_id, l.device, json_value(l.body, '$.seq') + 0", null);
    }

    Optional<Left> find(UUID id) {
        return list("where l.id = :id", id).stream().findFirst();
    }

    private List<Left> list(String which, @Nullable UUID id) {
        var asked = jdbc.sql(ALL + which);
        return (id == null ? asked : asked.param("id", id))
                .query((row, number) -> new Left(
                        row.getObject("id", UUID.class),
                        row.getObject("account_id", UUID.class),
                        row.getString("by"),
                        row.getTimestamp("received_at").toInstant(),
                        row.getString("customer"),
                        json.readValue(row.getString("body"), Command.class)))
                .list();
    }

    void remove(UUID id) {
        jdbc.sql("delete from left_behind where id = :id").param("id", id).update();
    }
}
