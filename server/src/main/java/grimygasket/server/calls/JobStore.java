package grimygasket.server.calls;

import grimygasket.server.calls.NotedController.Noted;
import grimygasket.server.web.ByOwner;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.visit.Condition;
import grimygasket.visit.Debt;
import grimygasket.visit.Found;
import grimygasket.visit.Laid;
import grimygasket.visit.Note;
import grimygasket.visit.ProofRun;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** The job sheet of a call: what came off, was found, shut off and proved. */
@Repository
class JobStore {
    /** The kinds of lines, by what they say. */
    static final Map<Class<?>, String> KINDS = Map.of(
            Laid.class, "PIECE",
            Condition.class, "CONDITION",
            Debt.class, "DEBT",
            Found.class, "THING",
            Note.class, "NOTE",
            ProofRun.class, "PROOF",
            WaterLeft.class, "WATER");

    private static final int MOST_CHARACTERS = 2000;
    private static final int MOST_NOTED = 200;

    private static final String COLUMNS =
            "select call_id as owner, id, kind, subject, at, entered_by, version, body from job_line ";

    private final JdbcClient jdbc;
    private final JsonMapper json;
    private final Clock clock;

    JobStore(JdbcClient jdbc, JsonMapper json, Clock clock) {
        this.jdbc = jdbc;
        this.json = json;
        this.clock = clock;
    }

    private record Row(UUID id, String kind, String subject, Instant at, String enteredBy, int version, String body) {}

    JobSheet of(UUID callId) {
        return of(List.of(callId)).getOrDefault(callId, JobSheet.EMPTY);
    }

    /** Call to its job sheet; one without a line is left out. */
    Map<UUID, JobSheet> of(Collection<UUID> calls) {
        var sheets = new HashMap<UUID, JobSheet>();
        ByOwner.read(jdbc, COLUMNS + "where call_id in (:owners) order by at, id", calls, Row.class)
                .forEach((call, rows) -> sheets.put(call, sheet(rows)));
        return sheets;
    }

    private JobSheet sheet(List<Row> rows) {
        return new JobSheet(
                lines(rows, Laid.class),
                lines(rows, Condition.class),
                lines(rows, Debt.class),
                lines(rows, Found.class),
                lines(rows, Note.class),
                lines(rows, ProofRun.class),
                lines(rows, WaterLeft.class));
    }

    /** What was seen and done on calls about a kind of machine, in own words, latest first. */
    List<Noted> noted(String kind) {
        return jdbc.sql("""
                        select line.id, line.call_id, service_call.day, line.entered_by, line.body,
                               trim(concat(machine.maker, ' ', machine.model)) as machine
                        from job_line line
                        join service_call on service_call.id = line.call_id
                        join machine on machine.id = service_call.machine_id
                        where line.kind = :line and machine.kind = :kind
                              and json_value(line.body, '$.about') <> :plain
                        order by line.at desc
                        limit :most
                        """)
                .param("line", KINDS.get(Note.class))
                .param("kind", kind)
                .param("plain", Note.About.NOTE.name())
                .param("most", MOST_NOTED)
                .query((row, number) -> new Noted(
                        row.getObject("id", UUID.class),
                        row.getObject("call_id", UUID.class),
                        row.getObject("day", LocalDate.class),
                        row.getString("machine"),
                        row.getString("entered_by"),
                        json.readValue(row.getString("body"), Note.class)))
                .list();
    }

    private <T> List<JobLine<T>> lines(List<Row> rows, Class<T> type) {
        return rows.stream()
                .filter(row -> row.kind.equals(KINDS.get(type)))
                .map(row -> line(row, type))
                .toList();
    }

    private <T> JobLine<T> line(Row row, Class<T> type) {
        return new JobLine<>(row.id, row.at, row.enteredBy, row.version, json.readValue(row.body, type));
    }

    /**
     * Adds a line, or changes one that still has that version. A repeated request changes nothing.
     *
     * @param version 0 for a new line
     * @param subject what there is only one line of; null for any number
     */
    <T> void put(UUID callId, UUID id, int version, String subject, T what, String by) {
        var found = find(callId, id, KINDS.get(what.getClass()), subject);
        if (found.isEmpty()) {
            if (version > 0) {
                throw new Problem(Kind.STALE, "This was taken back on another screen meanwhile.");
            }
            add(callId, new JobLine<>(id, next(callId), by, 1, what), subject);
            return;
        }
        if (!found.get().kind.equals(KINDS.get(what.getClass())) || !Objects.equals(found.get().subject, subject)) {
            throw new Problem(Kind.INVALID, "This line is about something else: enter it anew.");
        }
        var theirs = line(found.get(), what.getClass());
        if (theirs.what().equals(what)) {
            return;
        }
        if (!theirs.id().equals(id) || !change(id, version, what)) {
            throw new Problem(Kind.STALE, "This was changed on another screen meanwhile; it is shown as it is now.");
        }
    }

    /** Adds the job sheet of a call that was made elsewhere. */
    void bringIn(UUID callId, JobSheet sheet) {
        sheet.pieces().forEach(line -> add(callId, line, line.what().piece()));
        sheet.conditions().forEach(line -> add(callId, line, line.what().station()));
        sheet.debts().forEach(line -> add(callId, line, null));
        sheet.things().forEach(line -> add(callId, line, null));
        sheet.notes().forEach(line -> add(callId, line, null));
        sheet.proofs().forEach(line -> add(callId, line, line.what().proof()));
        sheet.water().forEach(line -> add(callId, line, "water"));
    }

    void add(UUID callId, JobLine<?> line, String subject) {
        jdbc.sql("""
                        insert into job_line (id, call_id, kind, subject, at, entered_by, version, body)
                        values (:id, :callId, :kind, :subject, :at, :by, :version, :body)
                        """)
                .param("id", line.id())
                .param("callId", callId)
                .param("kind", KINDS.get(line.what().getClass()))
                .param("subject", subject)
                .param("at", line.at())
                .param("by", line.by())
                .param("version", line.version())
                .param("body", body(line.what()))
                .update();
    }

    /** Now, or just after the last line: what came off in one millisecond came off in an order, too. */
    private Instant next(UUID callId) {
        var now = clock.instant();
        return jdbc.sql("select at from job_line where call_id = :callId order by at desc limit 1")
                .param("callId", callId)
                .query(Instant.class)
                .optional()
                .map(last -> last.plusMillis(1))
                .filter(now::isBefore)
                .orElse(now);
    }

    /** The line with that id, or the one that there is already about its subject. */
    private Optional<Row> find(UUID callId, UUID id, String kind, String subject) {
        return jdbc
                .sql(COLUMNS
                        + "where call_id = :callId and (id = :id or (kind = :kind and subject = :subject)) for update")
                .param("callId", callId)
                .param("id", id)
                .param("kind", kind)
                .param("subject", subject)
                .query(Row.class)
                .list()
                .stream()
                .findFirst();
    }

    private boolean change(UUID id, int version, Object what) {
        return jdbc.sql("""
                                update job_line set body = :body, version = version + 1
                                where id = :id and version = :version
                                """)
                        .param("body", body(what))
                        .param("id", id)
                        .param("version", version)
                        .update()
                == 1;
    }

    private String body(Object what) {
        var body = json.writeValueAsString(what);
        if (body.length() > MOST_CHARACTERS) {
            throw new Problem(Kind.INVALID, "That is too much for one line: put it in fewer words.");
        }
        return body;
    }

    /** Whether a call has a line with that id. */
    boolean has(UUID callId, UUID id) {
        return jdbc.sql("select count(*) from job_line where call_id = :callId and id = :id")
                        .param("callId", callId)
                        .param("id", id)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** Takes a line back with the photos of it; one that is already gone is gone. */
    void remove(UUID callId, UUID id, int version) {
        int removed = jdbc.sql("delete from job_line where call_id = :callId and id = :id and version = :version")
                .param("callId", callId)
                .param("id", id)
                .param("version", version)
                .update();
        if (removed == 0 && has(callId, id)) {
            throw new Problem(Kind.STALE, "This was changed on another screen meanwhile; it is shown as it is now.");
        }
        jdbc.sql("delete from photo where call_id = :callId and line_id = :id")
                .param("callId", callId)
                .param("id", id)
                .update();
    }

    /** A joint that is open again is to be watched again. */
    void opened(UUID callId, String piece) {
        for (var line : of(callId).proofs()) {
            var run = line.what();
            if (run.dry().contains(piece)) {
                var others =
                        run.dry().stream().filter(one -> !one.equals(piece)).toList();
                change(
                        line.id(),
                        line.version(),
                        new ProofRun(run.proof(), run.before(), run.after(), run.runs(), others, run.lightOut()));
            }
        }
    }

    /** A proof that failed begins anew: what was seen to work before does not count. */
    void proofFailed(UUID callId, String proof) {
        for (var line : of(callId).proofs()) {
            var run = line.what();
            if (run.proof().equals(proof)) {
                change(line.id(), line.version(), new ProofRun(proof, run.before(), run.after(), 0, List.of(), false));
            }
        }
    }
}
