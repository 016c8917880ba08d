package grimygasket.server.calls.learnt;

import grimygasket.call.Call;
import grimygasket.call.CallMachine;
import grimygasket.call.Learnt;
import grimygasket.call.Learnt.Noted;
import grimygasket.pack.ModelFamily;
import grimygasket.pack.Ways;
import grimygasket.server.calls.records.FollowsCalls;
import grimygasket.server.knowhow.Library;
import grimygasket.state.OfModel;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** What the business has learnt of models on its calls: how they are opened, and how their pieces are held. */
@Repository
public class LearntStore implements FollowsCalls {
    /** What was noted longer ago than this many notes about a model has no say any more. */
    private static final int MOST_OF_A_MODEL = 200;

    private static final int MOST_OF_A_KIND = 5000;

    private static final String ROWS = "call_id, kind, maker, model, model_key, body";

    private final JdbcClient jdbc;
    private final JsonMapper json;
    private final Library library;

    LearntStore(JdbcClient jdbc, JsonMapper json, Library library) {
        this.jdbc = jdbc;
        this.json = json;
        this.library = library;
    }

    private record Model(String kind, String key) {
        static Model of(CallMachine machine) {
            return new Model(
                    machine.kind(), ModelFamily.plain(machine.maker()) + " " + ModelFamily.plain(machine.model()));
        }
    }

    private record Row(UUID call, Model about, String maker, String model, Noted noted) {}

    /** Call to what was learnt of its model on all others. */
    public Map<UUID, Learnt> of(Collection<Call> calls) {
        var models = calls.stream()
                .map(Call::machine)
                .filter(LearntStore::hasModel)
                .map(Model::of)
                .distinct()
                .toList();
        var rows = models.isEmpty()
                ? Map.<Model, List<Row>>of()
                : about(models).stream().collect(Collectors.groupingBy(Row::about));
        return calls.stream()
                .collect(Collectors.toMap(call -> call.head().id(), call -> of(call, rows), (one, same) -> one));
    }

    private static Learnt of(Call call, Map<Model, List<Row>> rows) {
        return Learnt.of(rows.getOrDefault(Model.of(call.machine()), List.of()).stream()
                .filter(row -> !row.call().equals(call.head().id()))
                .map(Row::noted)
                .toList());
    }

    private static boolean hasModel(CallMachine machine) {
        return !ModelFamily.plain(machine.model()).isEmpty();
    }

    /** What was learnt of every model of a kind; of how its name is written the last. */
    public List<OfModel> ofKind(String kind) {
        var rows = jdbc.sql(
                        "select " + ROWS + " from model_note where kind = :kind order by at desc, call_id limit :most")
                .param("kind", kind)
                .param("most", MOST_OF_A_KIND)
                .query(this::row)
                .list();
        return rows.stream()
                .collect(Collectors.groupingBy(Row::about, LinkedHashMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(about -> new OfModel(
                        about.get(0).maker(),
                        about.get(0).model(),
                        Learnt.of(about.stream().map(Row::noted).toList())))
                .sorted(OfModel.BY_NAME)
                .toList();
    }

    private List<Row> about(List<Model> models) {
        return jdbc.sql("select " + ROWS + """
                         from (
                            select note.*, row_number() over (partition by kind, model_key order by at desc, call_id) as back
                            from model_note note where (kind, model_key) in (:models)) last
                        where back <= :most order by back
                        """)
                .param(
                        "models",
                        models.stream()
                                .map(model -> new Object[] {model.kind(), model.key()})
                                .toList())
                .param("most", MOST_OF_A_MODEL)
                .query(this::row)
                .list();
    }

    private Row row(ResultSet row, int number) throws SQLException {
        return new Row(
                row.getObject("call_id", UUID.class),
                new Model(row.getString("kind"), row.getString("model_key")),
                row.getString("maker"),
                row.getString("model"),
                json.readValue(row.getString("body"), Noted.class));
    }

    @Override
    public void follow(Call before, Call after) {
        if (hasModel(after.machine()) && !after.lines().equals(before.lines())) {
            var said = said(after);
            if (!said.equals(said(before))) {
                jdbc.sql("delete from model_note where call_id = :call")
                        .param("call", after.head().id())
                        .update();
                said.forEach(noted -> add(after, noted));
            }
        }
    }

    private List<Noted> said(Call call) {
        if (call.job().ways().isEmpty() && call.job().pieces().isEmpty()) {
            return List.of();
        }
        var pack = library.pack(call.machine(), call.head().revision());
        return Learnt.said(call, Ways.taken(pack, Learnt.NOTHING.choices(call), Map.of()));
    }

    private void add(Call call, Noted noted) {
        var about = Model.of(call.machine());
        jdbc.sql("""
                        insert into model_note (call_id, subject, kind, maker, model, model_key, at, body)
                        values (:call, :subject, :kind, :maker, :model, :key, :at, :body)
                        """)
                .param("call", call.head().id())
                .param("subject", noted.subject())
                .param("kind", about.kind())
                .param("maker", call.machine().maker())
                .param("model", call.machine().model())
                .param("key", about.key())
                .param("at", Instant.ofEpochMilli(noted.at()))
                .param("body", json.writeValueAsString(noted))
                .update();
    }
}
