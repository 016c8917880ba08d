package grimygasket.server.documents;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** Files of calls of the versions before. */
public class OlderCallsTest extends ServerTest {
    private static final String HELD = """
            {"id": "a", "name": "Panel", "screws": {"drive": "T20", "thread": "", "lengthMm": 16, "count": 3}, "cup": "A",
             "clip": "pushed up", "joint": false, "lastIn": false, "confirm": [], "dryUntil": 0, "place": "BACK",
             "screwsBack": 2, "confirmed": []}""";
    private static final String LIFTED = """
            {"id": "b", "name": "Rack", "cup": "", "joint": false, "lastIn": false, "confirm": [], "dryUntil": 0,
             "place": "TRAY", "screwsBack": 0, "confirmed": []}""";

    @Test
    public void aFileOfVersion1IsStillRead() {
        var file = json.createObjectNode().put("formatVersion", 1);
        var pieces = file.putObject("job").putArray("pieces");
        for (var body : new String[] {HELD, LIFTED}) {
            pieces.addObject().set("what", json.readTree(body));
        }
        OlderCalls.today(file);
        var panel = file.path("lines").path(0).path("what");
        assertEquals(panel.path("kind").asString(), "laid");
        var group = panel.path("screws").path(0);
        assertEquals(group.path("screws").path("count").asInt(), 3);
        assertEquals(group.path("cup").asString(), "A");
        assertEquals(group.path("back").asInt(), 2);
        assertEquals(panel.path("clips").toString(), "[\"pushed up\"]");
        var rack = file.path("lines").path(1).path("what");
        assertEquals(rack.path("screws").size() + rack.path("clips").size(), 0);
        assertEquals(rack.path("name").asString(), "Rack");
        assertEquals(file.path("formatVersion").asInt(), CallDocument.VERSION);
    }

    @Test
    public void aFileOfVersion2IsTakenIn() throws IOException {
        var text = new ClassPathResource("older/call-2.json").getContentAsString(StandardCharsets.UTF_8);
        var client = signedIn();
        var file = (ObjectNode) json.readTree(text);
        var other = client.get(Calls.add(client).path + "/call.json").body();
        file.set("knowHow", other.path("knowHow"));
        var answer = client.post("/api/call-documents", file.toString());
        assertEquals(answer.status(), 200, answer.body().toString());
        var call = client.get("/api/calls/" + answer.body().path("call").asString() + "/state")
                .body();
        assertEquals(
                call.path("story")
                        .valueStream()
                        .map(entry -> entry.path("finding").path("kind").asString())
                        .toList(),
                List.of("symptom-settled", "fact-known", "code-read", "check-made", "reading-taken", "remedy-tried"));
        assertTrue(call.path("story").path(0).path("finding").path("complaint").asBoolean());
        var reading = call.path("story").path(4).path("finding").path("reading");
        assertEquals(reading.path("quantity").asString(), "FLOW", "as the call's own pack says");
        assertEquals(reading.path("value").asDouble(), 4.2);
        assertEquals(call.path("story").path(5).path("finding").path("proved").asString(), "STILL_FAILING");
        assertEquals(call.path("job").path("pieces").size(), 1);
        assertEquals(call.path("job").path("debts").path(0).path("at").asLong(), 1796724000000L);
        assertEquals(call.path("parts").path(0).path("number").asString(), "RV-20");
        assertEquals(call.path("head").path("closing").path("at").asLong(), 1796727600000L);
    }

    @Test
    public void aFileOfVersion3IsStillRead() {
        var file = (ObjectNode) json.readTree("""
                {"formatVersion": 3, "story": [
                    {"finding": {"kind": "reading-taken", "check": "a", "reading": {"quantity": "FLOW", "value": 4, "spread": 1}}}]}""");
        OlderCalls.today(file);
        assertEquals(
                file.path("story").path(0).path("finding").path("reading").toString(),
                "{\"quantity\":\"FLOW\",\"value\":4,\"standardUncertainty\":1}");
        assertEquals(file.path("formatVersion").asInt(), CallDocument.VERSION);
    }

    @Test
    public void aFileOfVersion4IsStillRead() {
        var file = (ObjectNode) json.readTree("""
                {"formatVersion": 4, "story": [{"finding": {"kind": "sign-settled", "sign": "smell", "answer": "YES"}}]}""");
        OlderCalls.today(file);
        assertEquals(
                file.path("story").path(0).path("finding").toString(),
                "{\"kind\":\"symptom-settled\",\"answer\":\"YES\",\"symptom\":\"smell\"}");
        assertEquals(file.path("formatVersion").asInt(), CallDocument.VERSION);
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
