package grimygasket.server.calls;

import grimygasket.call.Command;
import grimygasket.server.web.SealedTypes;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Every command with what became of it: the audit trail of all calls. Rows are only ever added; the database sees to it. */
@Repository
public class CommandLog {
    private final JdbcClient jdbc;
    private final JsonMapper json;

    CommandLog(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /** What became of a command. */
    enum Became {
        APPLIED,
        SAME,
        REFUSED,
        CONFLICT
    }

    /**
     * A call that has changed.
     *
     * @param seq where in the log it stands
     */
    record Changed(long seq, UUID call, UUID command) {}

    /** What a command is to change, as it is kept. */
    String body(Command command) {
        return json.writeValueAsString(command.change());
    }

    /** @param detail null for a command that was taken */
    void add(Command command, UUID account, Instant received, Became became, Object detail) {
        jdbc.sql("""
                        insert into command_log
                            (id, call_id, account_id, device, device_seq, made_at, received_at, kind, body, outcome, detail)
                        values (:id, :call, :account, :device, :seq, :madeAt, :receivedAt, :kind, :body, :outcome, :detail)
                        """)
                .param("id", command.id())
                .param("call", command.call())
                .param("account", account)
                .param("device", command.device())
                .param("seq", command.seq())
                .param("madeAt", Instant.ofEpochMilli(command.at()))
                .param("receivedAt", received)
                .param("kind", SealedTypes.name(command.change().getClass()))
                .param("body", body(command))
                .param("outcome", became.name())
                .param("detail", detail == null ? null : json.writeValueAsString(detail))
                .update();
    }

    /**
     * Notes that a call was put on file.
     *
     * @param id of the entry in the log
     * @param kind how it came
     */
    void addNew(UUID id, String kind, UUID call, UUID account, Instant received, Object body) {
        jdbc.sql("""
                        insert into command_log
                            (id, call_id, account_id, device, device_seq, made_at, received_at, kind, body, outcome)
                        values (:id, :call, :account, :id, 0, :at, :at, :kind, :body, 'APPLIED')
                        """)
                .param("id", id)
                .param("call", call)
                .param("account", account)
                .param("at", received)
                .param("kind", kind)
                .param("body", json.writeValueAsString(body))
                .update();
    }

    /**
     * Notes that a command came again. As a row is written, who is answered knows that what came before is on the disk, too, and
     * not only seen by others already.
     */
    void addRepeat(Command command, UUID account, Instant received) {
        jdbc.sql("""
                        insert into command_log
                            (id, call_id, account_id, device, device_seq, made_at, received_at, kind, body, outcome)
                        values (:id, :call, :account, :device, :seq, :madeAt, :receivedAt, 'repeat', :body, 'SAME')
                        """)
                .param("id", UUID.randomUUID())
                .param("call", command.call())
                .param("account", account)
                .param("device", command.device())
                .param("seq", command.seq())
                .param("madeAt", Instant.ofEpochMilli(command.at()))
                .param("receivedAt", received)
                .param("body", json.writeValueAsString(command.id()))
                .update();
    }

    /** Where the log ends. */
    long end() {
        return jdbc.sql("select coalesce(max(seq), 0) from command_log")
                .query(Long.class)
                .single();
    }

    /** The changes after a place in the log, in its order. */
    List<Changed> after(long seq, int most) {
        return jdbc.sql("""
                        select seq, call_id as `call`, id as command from command_log
                        where seq > :seq and outcome = 'APPLIED' order by seq limit :most
                        """)
                .param("seq", seq)
                .param("most", most)
                .query(Changed.class)
                .list();
    }
}
