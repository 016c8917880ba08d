package grimygasket.server.calls.learnt;

import grimygasket.call.Call;
import grimygasket.call.Line;
import grimygasket.server.calls.records.FollowsCalls;
import grimygasket.visit.line.Note;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** What was seen and done on calls that the know-how does not have, across all calls. */
@Repository
class NotedStore implements FollowsCalls {
    private static final int MOST = 200;

    private final JdbcClient jdbc;
    private final JsonMapper json;

    NotedStore(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /** @param machine maker and model */
    record Noted(UUID id, UUID callId, LocalDate day, String machine, String by, Note note) {}

    /** About machines of a kind, latest first. */
    List<Noted> of(String kind) {
        return jdbc.sql("""
                        select note.id, note.call_id, c.day, note.entered_by, note.body,
                               trim(concat(m.maker, ' ', m.model)) as machine
                        from own_note note
                        join service_call c on c.id = note.call_id
                        join machine m on m.id = c.machine_id
                        where note.machine_kind = :kind
                        order by note.at desc
                        limit :most
                        """)
                .param("kind", kind)
                .param("most", MOST)
                .query((row, number) -> new Noted(
                        row.getObject("id", UUID.class),
                        row.getObject("call_id", UUID.class),
                        row.getObject("day", LocalDate.class),
                        row.getString("machine"),
                        row.getString("entered_by"),
                        json.readValue(row.getString("body"), Note.class)))
                .list();
    }

    @Override
    public void follow(Call before, Call after) {
        var notes = notes(after);
        if (!notes.equals(notes(before))) {
            jdbc.sql("delete from own_note where call_id = :call")
                    .param("call", after.head().id())
                    .update();
            notes.forEach(note -> add(after, note));
        }
    }

    private static List<Line<Note>> notes(Call call) {
        return call.job().notes().stream()
                .filter(line -> line.what().about() != Note.About.NOTE)
                .toList();
    }

    private void add(Call call, Line<Note> line) {
        jdbc.sql("""
                        insert into own_note (id, call_id, machine_kind, at, entered_by, body)
                        values (:id, :call, :kind, :at, :by, :body)
                        """)
                .param("id", line.id())
                .param("call", call.head().id())
                .param("kind", call.machine().kind())
                .param("at", Instant.ofEpochMilli(line.at()))
                .param("by", line.by())
                .param("body", json.writeValueAsString(line.what()))
                .update();
    }
}
