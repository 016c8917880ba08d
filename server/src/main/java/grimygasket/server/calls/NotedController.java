package grimygasket.server.calls;

import grimygasket.visit.Note;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** What was seen and done on calls that the know-how does not have: proposals for whoever keeps it. */
@RestController
class NotedController {
    private static final int MOST = 200;

    /** @param machine maker and model */
    record Noted(UUID id, UUID callId, LocalDate day, String machine, String by, Note note) {}

    private record Row(UUID id, UUID callId, LocalDate day, String machine, String enteredBy, String body) {}

    private final JdbcClient jdbc;
    private final JsonMapper json;

    NotedController(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /** About machines of a kind, latest first. */
    @GetMapping("/api/know-how/{kind}/noted")
    List<Noted> noted(@PathVariable String kind) {
        return jdbc.sql("""
                        select line.id, line.call_id, service_call.day, line.entered_by, line.body,
                               trim(concat(machine.maker, ' ', machine.model)) as machine
                        from job_line line
                        join service_call on service_call.id = line.call_id
                        join machine on machine.id = service_call.machine_id
                        where line.kind = 'NOTE' and machine.kind = :kind
                              and json_value(line.body, '$.about') <> 'NOTE'
                        order by line.at desc
                        limit :most
                        """).param("kind", kind).param("most", MOST).query(Row.class).list().stream()
                .map(row -> new Noted(
                        row.id, row.callId, row.day, row.machine, row.enteredBy, json.readValue(row.body, Note.class)))
                .toList();
    }
}
