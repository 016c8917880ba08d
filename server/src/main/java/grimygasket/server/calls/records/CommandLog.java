package grimygasket.server.calls.records;

import grimygasket.call.Reason;
import grimygasket.call.change.Change;
import grimygasket.call.change.Command;
import grimygasket.call.change.CommandResult;
import grimygasket.server.calls.records.Surroundings.FromFile;
import grimygasket.server.calls.records.TrailController.Trace;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.server.web.SealedTypes;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ProblemDetail;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Every command with what became of it: the audit trail of all calls. Rows are only ever added, and of a customer who is erased
 * lose their words; the database sees to it.
 */
@Repository
public class CommandLog {
    /** How a call came on file that was not begun here. */
    public static final String BRING_IN = "bring-in";

    /** What is left of the words of a command about a customer who was erased. */
    private static final String ERASED = "{}";

    /** More is done to no call. */
    private static final int MOST_OF_A_CALL = 5000;

    private static final Set<String> CHANGES =
            SealedTypes.records(Change.class).stream().map(SealedTypes::name).collect(Collectors.toUnmodifiableSet());

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
        CONFLICT;

        static Became of(CommandResult outcome) {
            if (outcome instanceof CommandResult.Applied) {
                return APPLIED;
            }
            if (outcome instanceof CommandResult.Same) {
                return SAME;
            }
            return outcome instanceof CommandResult.Conflict ? CONFLICT : REFUSED;
        }

        boolean isTaken() {
            return this == APPLIED || this == SAME;
        }
    }

    /**
     * A command that came before.
     *
     * @param body what it was to change
     * @param detail the problem document if it was not taken; null if it was
     */
    public record Before(String body, @Nullable String detail) {
        /** Of a row that names both; null where it names neither. */
        static @Nullable Before of(ResultSet row) throws SQLException {
            var body = row.getString("body");
            return body == null ? null : new Before(body, row.getString("detail"));
        }
    }

    /** What became of a command before; empty for one that is new. */
    public Optional<Before> before(UUID command) {
        return jdbc.sql("select body, detail from command_log where id = :id")
                .param("id", command)
                .query((row, number) -> Before.of(row))
                .optional();
    }

    /**
     * A call that has changed.
     *
     * @param seq where in the log it stands
     * @param account whose call it is; null if it was erased since
     * @param day on which it is now; null as above
     */
    public record Changed(
            long seq,
            UUID call,
            UUID command,
            @Nullable UUID account,
            @Nullable LocalDate day) {}

    /** What a command is to change, as it is kept. */
    String body(Command command) {
        return json.writeValueAsString(command.change());
    }

    /**
     * Notes a command with what became of it.
     *
     * @param returned whether a device gives it back, as the database was restored since it was taken
     * @return why it was not taken; empty if it was
     */
    public Optional<ProblemDetail> add(
            Command command, boolean returned, UUID account, Instant received, CommandResult outcome) {
        var kind = SealedTypes.name(command.change().getClass());
        var became = Became.of(outcome);
        var refused = became.isTaken() ? null : Refusals.of(outcome);
        insert(command.id(), command, returned, account, received, kind, body(command), became, refused);
        return Optional.ofNullable(refused);
    }

    /**
     * Notes that a command came again. As a row is written, who is answered knows that what came before is on the disk, too, and
     * not only seen by others already.
     *
     * @return why it was not taken; empty if it was
     */
    public Optional<ProblemDetail> addRepeat(Command command, Before before, UUID account, Instant received) {
        if (before.body.equals(ERASED)) {
            return Optional.of(Problem.body(Kind.NOT_FOUND, CallStore.NOT_ON_FILE));
        }
        if (!json.readValue(before.body, Change.class).equals(command.change())) {
            return Optional.of(Refusals.of(CommandResult.refused(Reason.Kind.BORROWED_ID)));
        }
        var body = json.writeValueAsString(command.id());
        insert(UUID.randomUUID(), command, false, account, received, "repeat", body, Became.SAME, null);
        return Optional.ofNullable(before.detail).map(kept -> json.readValue(kept, ProblemDetail.class));
    }

    /**
     * Notes that a call was put on file.
     *
     * @param id of the row
     * @param kind how it came
     */
    public void addNew(UUID id, String kind, UUID call, UUID account, Instant received, Object body) {
        var command = new Command(id, call, id, 0, received.toEpochMilli(), null);
        insert(id, command, false, account, received, kind, json.writeValueAsString(body), Became.APPLIED, null);
    }

    /** Who brought a call in from a file; empty for one that was begun here. */
    public Optional<FromFile> broughtIn(UUID call) {
        return jdbc.sql("""
                        select a.name, log.received_at from command_log log join account a on a.id = log.account_id
                        where log.call_id = :call and log.kind = :kind order by log.seq limit 1
                        """)
                .param("call", call)
                .param("kind", BRING_IN)
                .query((row, number) -> new FromFile(
                        row.getString("name"), row.getTimestamp("received_at").getTime()))
                .optional();
    }

    private void insert(
            UUID id,
            Command command,
            boolean returned,
            UUID account,
            Instant received,
            String kind,
            String body,
            Became became,
            Object detail) {
        jdbc.sql("""
                        insert into command_log
                            (id, call_id, account_id, device, device_seq, made_at, received_at, kind, body, outcome, detail, returned)
                        values (:id, :call, :account, :device, :seq, :madeAt, :receivedAt, :kind, :body, :outcome, :detail, :returned)
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
                .param("returned", returned)
                .update();
    }

    /** What was done to a call, in the order in which it arrived. */
    List<Trace> of(UUID call) {
        return jdbc.sql("""
                        select log.id, log.made_at, log.received_at, log.returned, a.name as `by`, d.name as device, log.kind, log.outcome, log.body
                        from command_log log join account a on a.id = log.account_id left join device d on d.id = log.device
                        where log.call_id = :call and log.kind <> 'repeat' order by log.seq limit :most
                        """)
                .param("call", call)
                .param("most", MOST_OF_A_CALL)
                .query((row, number) -> new Trace(
                        UUID.fromString(row.getString("id")),
                        row.getTimestamp("made_at").getTime(),
                        row.getTimestamp("received_at").getTime(),
                        row.getBoolean("returned"),
                        row.getString("by"),
                        row.getString("device"),
                        row.getString("kind"),
                        Became.valueOf(row.getString("outcome")),
                        change(row.getString("kind"), row.getString("body"))))
                .list();
    }

    /** Null for what is no change, as a call that is brought in, or is none any more. */
    private @Nullable Change change(String kind, String body) {
        try {
            return CHANGES.contains(kind) ? json.readValue(body, Change.class) : null;
        } catch (JacksonException e) {
            return null;
        }
    }

    /** Where the log ends. */
    public long end() {
        return jdbc.sql("select coalesce(max(seq), 0) from command_log")
                .query(Long.class)
                .single();
    }

    /** The changes after a place in the log, in its order. */
    public List<Changed> after(long seq, int most) {
        return jdbc.sql("""
                        select log.seq, log.call_id as `call`, log.id as command, c.account_id as account, c.day
                        from command_log log left join service_call c on c.id = log.call_id
                        where log.seq > :seq and log.outcome = 'APPLIED' order by log.seq limit :most
                        """)
                .param("seq", seq)
                .param("most", most)
                .query(Changed.class)
                .list();
    }
}
