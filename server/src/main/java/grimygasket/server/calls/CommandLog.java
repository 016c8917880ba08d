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
        var kind = SealedTypes.name(command.change().getClass());
        insert(command.id(), command, account, received, kind, body(command), became, detail);
    }

    /**
     * Notes that a command came again. As a row is written, who is answered knows that what came before is on the disk, too, and
     * not only seen by others already.
     */
    void addRepeat(Command command, UUID account, Instant received) {
        var body = json.writeValueAsString(command.id());
        insert(UUID.randomUUID(), command, account, received, "repeat", body, Became.SAME, null);
    }

    /**
     * Notes that a call was put on file.
     *
     * @param id of the row
     * @param kind how it came
     */
    void addNew(UUID id, String kind, UUID call, UUID account, Instant received, Object body) {
        var command = new Command(id, call, id, 0, received.toEpochMilli(), null);
        insert(id, command, account, received, kind, json.writeValueAsString(body), Became.APPLIED, null);
    }

    private void insert(
            UUID id,
            Command command,
            UUID account,
            Instant received,
            String kind,
            String body,
            Became became,
            Object detail) {
        jdbc.sql("""
                        insert into command_log
                            (id, call_id, account_id, device, device_seq, made_at, received_at, kind, body, outcome, detail)
                        values (:id, :call, :account, :device, :seq, :madeAt, :receivedAt, :kind, :body, :outcome, :detail)
                        """)
                .param("id", id)
                .param("call", command.call())
                .param("account", account)
                .param("device", command.device())
                .param("seq", command.seq())
                .param("madeAt", Instant.ofEpochMilli(command.at()))
                .param("receivedAt", received)
                .param("kind", kind)
                .param("body", body)
                .param("outcome", became.name())
                .param("detail", detail == null ? null : json.writeValueAsString(detail))
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
