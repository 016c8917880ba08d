package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.MissingNode;
import tools.jackson.databind.node.ObjectNode;

/** How a model opens, found on one call: known on the next call about it, and to whoever keeps the know-how. */
public class LearntOfModelTest extends ServerTest {
    private static final String AT_THE_BACK =
            "{\"kind\": \"way-found\", \"way\": \"pump-filter-way\", \"choice\": \"filter-at-the-back\"}";

    private static Calls washer(Client client, String model) {
        // The day of the demo's round is another test's.
        var soon = LocalDate.parse(
                        client.get("/api/device/next-days").body().path("today").asString())
                .plusDays(3);
        var call = Calls.on(client, UUID.randomUUID());
        var machine =
                Calls.machine(UUID.randomUUID(), "washing-machine", "Corvanne").replace("M-1", model);
        call.send(Calls.begin(soon, "Does not drain", "Tess Orrin", machine));
        return call;
    }

    private static UUID finds(Calls call) {
        var line = UUID.randomUUID();
        var written = call.send("{\"kind\": \"write\", \"line\": \"%s\", \"what\": %s}".formatted(line, AT_THE_BACK));
        assertEquals(written.status(), 200, "" + written.body());
        return line;
    }

    private static JsonNode way(JsonNode call) {
        return call.path("open")
                .path("ways")
                .valueStream()
                .filter(way -> way.path("way").asString().equals("pump-filter-way"))
                .findFirst()
                .orElseThrow();
    }

    private static JsonNode layer(JsonNode call) {
        return call.path("open")
                .path("layers")
                .valueStream()
                .filter(layer -> layer.path("id").asString().equals("flap"))
                .findFirst()
                .orElseThrow();
    }

    private static JsonNode learnt(Client client, String model) {
        return client.get("/api/know-how/washing-machine/learnt")
                .body()
                .valueStream()
                .filter(one -> one.path("model").asString().equals(model))
                .findFirst()
                .orElseGet(MissingNode::getInstance);
    }

    /** Of what a device is told that a call is held against. */
    private static String digest(Client client, UUID call) {
        return client.get("/api/device/next-days")
                .body()
                .path("calls")
                .valueStream()
                .filter(one -> one.path("call").asString().equals("" + call))
                .findFirst()
                .orElseThrow()
                .path("digest")
                .asString();
    }

    @Test
    public void theNextCallOnTheModelKnowsIt() {
        var client = signedIn();
        var first = washer(client, "Zephyr 9");
        var second = washer(client, "ZEPHYR-9");
        var other = washer(client, "Zephyr 8");
        assertEquals(layer(second.get().body()).path("within").asString(""), "");
        var before = digest(client, second.id());
        var ofFirst = digest(client, first.id());

        finds(first);
        assertTrue(way(first.get().body()).path("found").asBoolean());
        var known = second.get().body();
        assertEquals(layer(known).path("within").asString(), "back");
        assertEquals(way(known).path("learntFrom").path("calls").asInt(), 1);
        assertFalse(way(known).path("found").asBoolean());
        assertNotEquals(digest(client, second.id()), before, "devices are told to get it");
        assertEquals(digest(client, first.id()), ofFirst, "it is not learnt from itself");
        assertEquals(layer(other.get().body()).path("within").asString(""), "");
    }

    @Test
    public void whatIsTakenBackIsForgotten() {
        var client = signedIn();
        var first = washer(client, "Zephyr 7");
        var second = washer(client, "Zephyr 7");
        var line = finds(first);
        assertTrue(learnt(client, "Zephyr 7").isObject());
        first.drop("" + line, 1);
        assertEquals(layer(second.get().body()).path("within").asString(""), "");
        assertTrue(learnt(client, "Zephyr 7").isMissingNode());
    }

    @Test
    public void itBecomesAFamilyOfThePackAndIsNoNewsThen() {
        var client = signedIn();
        var call = washer(client, "Zephyr 6");
        finds(call);
        call.send("{\"kind\": \"lay-down\", \"lines\": {\"back-panel\": \"%s\"}}".formatted(UUID.randomUUID()));
        var piece = call.get().body().path("job").path("pieces").path(0);
        var five = piece.path("what").toString().replace("\"count\":6", "\"count\":5");
        assertFalse(five.equals(piece.path("what").toString()));
        call.send("{\"kind\": \"write\", \"line\": \"%s\", \"was\": %s, \"what\": %s}"
                .formatted(piece.path("id").asString(), piece.path("what"), five));

        var proposed = learnt(client, "Zephyr 6");
        assertEquals(proposed.path("family").path("id").asString(), "corvanne-zephyr-6");
        var draft = client.put(
                "/api/know-how/washing-machine/draft/families/corvanne-zephyr-6",
                proposed.path("family").toString());
        assertEquals(draft.status(), 200, "" + draft.body());
        assertEquals(
                draft.body().path("inspection").path("problems").size(),
                0,
                "" + draft.body().path("inspection"));
        client.post(
                "/api/know-how/washing-machine/draft/use",
                "{\"note\": \"Zephyr 6 opens at the back\", \"alone\": true}");
        assertTrue(learnt(client, "Zephyr 6").isMissingNode());
        var pack = client.get("/api/know-how/washing-machine?family=corvanne-zephyr-6")
                .body()
                .path("pack");
        assertTrue(pack.path("ways").toString().contains("\"usual\":\"filter-at-the-back\""));
        assertTrue(pack.path("layers").toString().contains("\"count\":5"));
    }

    @Test
    public void aMachineWithoutAModelTeachesNothing() {
        var client = signedIn();
        var unknown = washer(client, " ");
        finds(unknown);
        assertEquals(layer(unknown.get().body()).path("within").asString(), "back");
        assertEquals(layer(washer(client, " ").get().body()).path("within").asString(""), "");
    }

    /** A file may say what no screen lets anybody enter: what it says last holds. */
    @Test
    public void whatIsSaidTwiceInAFileIsTakenOnce() {
        var client = signedIn();
        var call = washer(client, "Zephyr 4");
        finds(call);
        call.send("{\"kind\": \"lay-down\", \"lines\": {\"back-panel\": \"%s\"}}".formatted(UUID.randomUUID()));
        var file = (ObjectNode) client.get(call.path + "/call.json").body();
        file.withObjectProperty("call").put("id", "" + UUID.randomUUID());
        var lines = file.withArrayProperty("lines");
        for (var line : List.copyOf(lines.values())) {
            var again = ((ObjectNode) line.deepCopy()).put("id", "" + UUID.randomUUID());
            if (again.path("what").has("choice")) {
                again.withObjectProperty("what").put("choice", "filter-in-front");
            } else {
                again.put("version", 2)
                        .withObjectProperty("what")
                        .put("id", again.path("id").asString());
            }
            lines.insert(0, again);
        }
        var brought = client.post("/api/call-documents", file.toString());
        assertEquals(brought.status(), 200, "" + brought.body());
        var taken = Calls.on(client, UUID.fromString(brought.body().path("call").asString()))
                .get()
                .body();
        assertEquals(taken.path("job").path("ways").size(), 2);
        assertEquals(way(taken).path("choice").asString(), "filter-at-the-back");
        assertTrue(learnt(client, "Zephyr 4").isObject());
    }
}
