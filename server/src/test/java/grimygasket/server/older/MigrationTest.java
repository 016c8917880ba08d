package grimygasket.server.older;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.flywaydb.core.api.configuration.Configuration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.datasource.init.ScriptUtils;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A database of the version before, full of calls, is brought over without loss. */
public class MigrationTest extends ServerTest {
    private static final String MAREN = "Maren Tolliver";

    @Value("${spring.datasource.url}")
    private String url;

    @Value("${spring.flyway.user}")
    private String owner;

    @Value("${spring.flyway.password}")
    private String password;

    @Autowired
    private V13__Calls_as_records migration;

    private record Of(Connection connection) implements Context {
        @Override
        public Configuration getConfiguration() {
            return null;
        }

        @Override
        public Connection getConnection() {
            return connection;
        }
    }

    private Map<String, JsonNode> records() {
        var records = new HashMap<String, JsonNode>();
        jdbc.sql("select id, record from service_call where id between :first and :last")
                .param("first", UUID.fromString("0193a000-0000-7000-8000-000000000400"))
                .param("last", UUID.fromString("0193a000-0000-7000-8000-0000000004ff"))
                .query((row, number) -> Map.entry(row.getString("id"), json.readTree(row.getString("record"))))
                .list()
                .forEach(one -> records.put(one.getKey(), one.getValue()));
        return records;
    }

    /** What a record holds, whenever it was entered, and in whichever order at one time. */
    private List<String> held(JsonNode record) {
        var held = new ArrayList<String>();
        for (var list : List.of("complaints", "story", "cautions", "lines", "parts", "photos")) {
            for (var one : record.path(list)) {
                if (one.path("what").path("kind").asString("").equals("way-found")) {
                    // Ways in were not known then.
                    continue;
                }
                var timeless = (ObjectNode) one.deepCopy();
                timeless.remove("at");
                if (list.equals("cautions")) {
                    // Confirmations had no ids.
                    timeless.remove("id");
                }
                held.add(list + " " + json.convertValue(timeless, Map.class));
            }
        }
        held.sort(Comparator.naturalOrder());
        return held;
    }

    @Test
    public void whatCallsHeldIsHeldInTheirRecords() throws Exception {
        var today = records();
        try (var connection = DriverManager.getConnection(url, owner, password)) {
            run(connection, "tables-12.sql");
            run(connection, "rows-12.sql");
            migration.migrate(new Of(connection));
            ScriptUtils.executeSqlScript(
                    connection, new ClassPathResource("db/migration/V15__standard_uncertainty.sql"));
            ScriptUtils.executeSqlScript(connection, new ClassPathResource("db/migration/V26__symptoms.sql"));
        }
        var brought = records();
        assertEquals(brought.keySet(), today.keySet());
        int entries = 0;
        for (var call : today.keySet()) {
            assertEquals(held(brought.get(call)), held(today.get(call)), call);
            entries += brought.get(call).path("story").size();
        }
        assertTrue(entries > 30, "there was something to bring over");
        assertFalse(
                jdbc.sql("show tables").query(String.class).list().contains("entry"), "the tables of before are gone");
        var view = signedIn()
                .get("/api/calls/0193a000-0000-7000-8000-000000000408/state")
                .body();
        assertEquals(view.path("story").path(0).path("by").asString(), MAREN);
        assertEquals(view.path("job").path("pieces").size(), 3);
    }

    private static void run(Connection connection, String script) throws SQLException, java.io.IOException {
        var text = new ClassPathResource("older/" + script).getContentAsString(StandardCharsets.UTF_8);
        ScriptUtils.executeSqlScript(connection, new ByteArrayResource(text.getBytes(StandardCharsets.UTF_8)));
    }
}
