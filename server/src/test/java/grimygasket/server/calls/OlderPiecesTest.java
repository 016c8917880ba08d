package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;

import grimygasket.server.ServerTest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import org.springframework.core.io.ClassPathResource;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Pieces from before screws came in groups: in the database, and in the file of a call. */
public class OlderPiecesTest extends ServerTest {
    private static final String HELD = """
            {"id": "a", "name": "Panel", "screws": {"drive": "T20", "thread": "", "lengthMm": 16, "count": 3}, "cup": "A",
             "clip": "pushed up", "joint": false, "lastIn": false, "confirm": [], "dryUntil": 0, "place": "BACK",
             "screwsBack": 2, "confirmed": []}""";
    private static final String LIFTED = """
            {"id": "b", "name": "Rack", "cup": "", "joint": false, "lastIn": false, "confirm": [], "dryUntil": 0,
             "place": "TRAY", "screwsBack": 0, "confirmed": []}""";

    private static void areBroughtOver(JsonNode call) {
        var panel = call.path("job").path("pieces").path(0).path("what");
        var group = panel.path("screws").path(0);
        assertEquals(group.path("screws").path("count").asInt(), 3);
        assertEquals(group.path("cup").asString(), "A");
        assertEquals(group.path("back").asInt(), 2);
        assertEquals(panel.path("clips").toString(), "[\"pushed up\"]");
        var rack = call.path("job").path("pieces").path(1).path("what");
        assertEquals(rack.path("screws").size() + rack.path("clips").size(), 0);
        assertEquals(rack.path("name").asString(), "Rack");
    }

    @Test
    public void theDatabaseIsMigrated() throws IOException {
        var call = Calls.add(signedIn());
        var id = UUID.fromString(call.path.substring(call.path.lastIndexOf('/') + 1));
        for (var body : new String[] {HELD, LIFTED}) {
            jdbc.sql("""
                            insert into job_line (id, call_id, kind, at, entered_by, version, body)
                            values (:id, :call, 'PIECE', now(3), 'Maren Tolliver', 1, :body)
                            """)
                    .params(Map.of("id", UUID.randomUUID(), "call", id, "body", body))
                    .update();
        }
        var migration = new ClassPathResource("db/migration/V10__groups_of_screws.sql")
                .getContentAsString(StandardCharsets.UTF_8);
        jdbc.sql(migration.replaceAll("(?m)^--.*$|;\\s*$", "")).update();
        areBroughtOver(call.get().body());
    }

    @Test
    public void theFileOfACallIsStillRead() {
        var today = json.createObjectNode().put("formatVersion", 1);
        var pieces = today.putObject("job").putArray("pieces");
        for (var body : new String[] {HELD, LIFTED}) {
            pieces.addObject().set("what", json.readTree(body));
        }
        areBroughtOver(OlderCalls.today(today));
        assertEquals(today.path("formatVersion").asInt(), CallDocument.VERSION);
    }

    @Test
    public void aFileOfTodayIsLeftAlone() {
        var client = signedIn();
        var call = Calls.add(client);
        call.lay("cover");
        var document = (ObjectNode) client.get(call.path + "/call.json").body();
        assertEquals(OlderCalls.today(document.deepCopy()), document);
    }
}
