package grimygasket.server.older;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a call holds becomes one JSON text beside its columns, and every change of it a row of a log. Each statement can be run
 * again, as changes of the schema are not undone when one of them fails.
 */
@Component
class V13__Calls_as_records extends BaseJavaMigration {
    private static final List<String> BEFORE = List.of(
            """
            create table if not exists command_log (
                seq bigint auto_increment primary key,
                id uuid not null unique,
                call_id uuid not null,
                account_id uuid not null,
                device uuid not null,
                device_seq bigint not null,
                made_at timestamp(3) not null,
                received_at timestamp(3) not null,
                kind varchar(40) not null,
                body json not null,
                outcome varchar(10) not null,
                detail json null,
                key command_log_call (call_id, seq)
            )
            """,
            """
            create trigger if not exists command_log_is_never_changed before update on command_log
            for each row signal sqlstate '45000' set message_text = 'the log of commands is only ever added to'
            """,
            """
            create trigger if not exists command_log_is_never_cut before delete on command_log
            for each row signal sqlstate '45000' set message_text = 'the log of commands is only ever added to'
            """,
            """
            create table if not exists own_note (
                id uuid primary key,
                call_id uuid not null,
                machine_kind varchar(40) not null,
                at timestamp(3) not null,
                entered_by varchar(80) not null,
                body json not null,
                key own_note_kind (machine_kind, at),
                key own_note_call (call_id)
            )
            """,
            "alter table service_call add column if not exists record json not null default '{}'",
            """
            alter table van_stock drop constraint if exists `van_stock.on_van`, modify on_van int not null
            """);

    private static final List<String> AFTER = List.of(
            "drop table if exists entry, complaint, caution_kept, job_line",
            "alter table photo drop column if exists line_id, drop column if exists at");

    private static final Map<String, String> LISTS = Map.of(
            "PIECE", "pieces",
            "CONDITION", "conditions",
            "DEBT", "debts",
            "THING", "things",
            "NOTE", "notes",
            "PROOF", "proofs",
            "WATER", "water");

    private final JsonMapper json;

    V13__Calls_as_records(JsonMapper json) {
        this.json = json;
    }

    @Override
    public void migrate(Context context) {
        var jdbc = JdbcClient.create(new SingleConnectionDataSource(context.getConnection(), true));
        BEFORE.forEach(sql -> jdbc.sql(sql).update());
        new Calls(jdbc).bringOver();
        AFTER.forEach(sql -> jdbc.sql(sql).update());
    }

    private record Row(UUID id, String kind, int revision) {}

    private final class Calls {
        private final JdbcClient jdbc;
        private final Map<String, Map<String, String>> quantities = new HashMap<>();

        Calls(JdbcClient jdbc) {
            this.jdbc = jdbc;
        }

        void bringOver() {
            jdbc.sql("""
                            select c.id, m.kind, c.revision
                            from service_call c join machine m on m.id = c.machine_id where c.record = '{}'
                            """).query(Row.class).list().forEach(this::bringOver);
            jdbc.sql("""
                            insert ignore into own_note (id, call_id, machine_kind, at, entered_by, body)
                            select l.id, l.call_id, m.kind, l.at, l.entered_by, json_insert(l.body, '$.kind', 'note')
                            from job_line l join service_call c on c.id = l.call_id join machine m on m.id = c.machine_id
                            where l.kind = 'NOTE' and json_value(l.body, '$.about') <> 'NOTE'
                            """).update();
        }

        private void bringOver(Row call) {
            var record = json.createObjectNode();
            record.set(
                    "complaints",
                    rows(call.id, "select id, at, text from complaint where call_id = ? order by at, id"));
            var story = record.putArray("story");
            rows(call.id, """
                            select id, at, entered_by as `by`, version, kind, subject, answer, reading, spread, complaint
                            from entry where call_id = ? and taken_back_at is null order by at, id
                            """).forEach(entry -> story.add(OlderRecords.entry((ObjectNode) entry, quantities(call))));
            var cautions = record.putArray("cautions");
            rows(
                            call.id,
                            "select caution, at, entered_by as `by` from caution_kept where call_id = ? order by at, caution")
                    .forEach(caution -> cautions.add(OlderRecords.caution((ObjectNode) caution)));
            var lines = record.putArray("lines");
            rows(
                            call.id,
                            "select id, at, entered_by as `by`, version, kind, body from job_line where call_id = ? order by at, id")
                    .forEach(line -> lines.add(line((ObjectNode) line)));
            record.set("parts", rows(call.id, """
                    select u.id, u.at, u.account_id as account, u.remedy, u.part_id as partId, p.number, p.name, p.fits, u.used,
                           u.unit_price as unitPrice, u.source, u.serial, u.old_part as oldPart
                    from part_use u join part p on p.id = u.part_id where u.call_id = ? order by u.at, u.id
                    """));
            record.set(
                    "photos",
                    rows(call.id, "select id, line_id as lineId, at from photo where call_id = ? order by at, id"));
            jdbc.sql("update service_call set record = :record where id = :id")
                    .param("record", json.writeValueAsString(record))
                    .param("id", call.id)
                    .update();
        }

        private ObjectNode line(ObjectNode line) {
            var list = LISTS.get(line.remove("kind").asString());
            line.set("what", json.readTree(line.remove("body").asString()));
            return OlderRecords.line(line, list);
        }

        /** Rows as objects, their times in milliseconds; what is null is left out. */
        private ArrayNode rows(UUID call, String sql) {
            var rows = json.createArrayNode();
            jdbc.sql(sql).param(call).query().listOfRows().forEach(row -> {
                var object = rows.addObject();
                row.forEach((name, value) -> {
                    if (value instanceof java.sql.Timestamp at) {
                        object.put(name, at.getTime());
                    } else if (value != null) {
                        object.set(name, json.valueToTree(value));
                    }
                });
            });
            return rows;
        }

        private Map<String, String> quantities(Row call) {
            return quantities.computeIfAbsent(
                    call.kind + " " + call.revision,
                    key -> OlderRecords.quantities(
                            jdbc.sql("select pack from knowhow_revision where kind = ? and number = ?")
                                    .params(call.kind, call.revision)
                                    .query(String.class)
                                    .optional()
                                    .orElse("{}")));
        }
    }
}
