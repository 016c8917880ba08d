package grimygasket.server.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is looked at before anything is done with a request. */
public class GateTest extends ServerTest {
    private static String code(String shown) {
        return "{\"kind\": \"settle\", \"finding\": {\"kind\": \"code-read\", \"shown\": \"%s\"}}".formatted(shown);
    }

    @DataProvider
    public Object[][] noText() {
        return new Object[][] {{"\\u0000"}, {"a\\u0007"}, {"\\uFFFE"}, {"\\uD800"}, {"\\uE000"}, {"\\uFDD0"}};
    }

    @Test(dataProvider = "noText")
    public void whatCannotBePrintedIsNotTaken(String escaped) {
        var call = Calls.add(signedIn());
        var refused = call.send(code(escaped));
        assertEquals(refused.kind(), "invalid");
        assertTrue(refused.detail().contains("no text"), refused.detail());
        assertEquals(call.get().body().path("story").size(), 0);
    }

    @Test
    public void whatLooksAlikeIsKeptAlike() {
        var call = Calls.add(signedIn());
        call.send(code("Cafe\u0301 🙂 名"));
        var shown = call.get().body().path("story").path(0).path("finding").path("shown");
        assertEquals(shown.asString(), "Caf\u00e9 🙂 名");
    }

    @Test
    public void whatHasToBeThereIsNoNull() {
        var client = signedIn();
        var call = Calls.add(client);
        for (var change : new String[] {
            "null",
            "{\"kind\": \"settle\", \"finding\": null}",
            "{\"kind\": \"settle\"}",
            "{\"kind\": \"lay-down\", \"lines\": {\"filter\": null}}"
        }) {
            assertEquals(call.send(change).kind(), "invalid", change);
        }
        assertEquals(
                client.post("/api/series/csv", "{\"unit\": \"L\", \"samples\": [null]}")
                        .kind(),
                "invalid");
    }

    @Test
    public void aClockThatSaysNonsenseDoesNoHarm() {
        var call = Calls.add(signedIn());
        for (long at : new long[] {Long.MIN_VALUE, Long.MAX_VALUE, 0, -1}) {
            assertEquals(call.sendOnly(UUID.randomUUID(), at, code("E" + at)).status(), 200);
        }
        long now = System.currentTimeMillis();
        for (var entry : call.get().body().path("story")) {
            long at = entry.path("at").asLong();
            assertTrue(at <= now && at > now - 61L * 86_400_000, "" + at);
        }
    }

    @Test
    public void whatADeviceDidStandsInItsOrderHoweverLongEachWasOnItsWay() {
        var call = Calls.add(signedIn());
        long now = System.currentTimeMillis();
        // The first seems to be of now, as nobody knows how long it was on its way; the next says that it has waited.
        call.sendOnly(UUID.randomUUID(), now, code("E1"));
        call.sendOnly(UUID.randomUUID(), now - 5000, code("E2"));
        var story = call.get().body().path("story");
        assertEquals(story.get(0).path("finding").path("shown").asString(), "E1");
        assertEquals(story.get(1).path("finding").path("shown").asString(), "E2");
        assertTrue(story.get(1).path("at").asLong() > story.get(0).path("at").asLong());
    }

    @Test
    public void whatIsTooLargeOrOfNoKindIsRefusedUnread() throws IOException {
        // Nothing of it is sent, so an answer says that nothing was waited for.
        try (var large = begun("/api/commands", 1_000_001, "application/json", "")) {
            var answer = new String(large.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertTrue(answer.startsWith("HTTP/1.1 413") && answer.contains("too-large"), answer);
        }
        var client = signedIn();
        assertEquals(client.sendAs("/api/commands", "application/*", "{}").kind(), "not-readable");
        assertEquals(client.sendAs("/api/commands", "multipart/form-data", "{}").kind(), "not-readable");
    }

    @Test
    public void evenWhatNoControllerHasSeenIsSaidInASentence() {
        var client = signedIn();
        for (var path : new String[] {"/api/calls/a%07b", "/api/calls/a%2Fb", "/api/calls/%00", "/api/round/;x"}) {
            var answer = client.get(path);
            assertTrue(answer.status() >= 400 && answer.status() < 500, path);
            assertFalse(
                    answer.detail().isBlank(), path + " " + answer.response().body());
        }
    }

    @DataProvider
    public Object[][] otherNames() {
        return new Object[][] {
            {"application/x+json"},
            {"application/problem+json"},
            {"application/yaml"},
            {"application/x-yaml"},
            {"application/cbor"},
            {"text/plain"},
            {"application/x-www-form-urlencoded"},
            {"application/octet-stream"}
        };
    }

    @Test(dataProvider = "otherNames")
    public void aCommandIsReadByOneNameAlone(String type) {
        var client = signedIn();
        var call = Calls.add(client);
        var command = """
                {"sentAt": 1, "command": {"id": "%s", "call": "%s", "device": "%s", "seq": 1, "at": 1, "change": %s}}
                """.formatted(UUID.randomUUID(), call.id(), UUID.randomUUID(), code("\\u0000"));
        assertEquals(client.sendAs("/api/commands", type, command).kind(), "not-readable");
        assertEquals(call.get().body().path("story").size(), 0);
    }

    @Test
    public void aFormWithALonePerCentSignIsRefusedInASentence() {
        var stranger = client();
        stranger.get("/api/session");
        var answer = stranger.post("/api/session", "login=50%&password=x");
        assertEquals(answer.kind(), "invalid");
        assertFalse(answer.detail().isBlank());
    }

    @Test
    public void escapesInAPackHoldNoMoreThanTheTextAroundThem() {
        var client = signedIn();
        var pack = client.get("/api/know-how/dishwasher/revisions/1/pack.yaml")
                .response()
                .body();
        for (var name : new String[] {"\"a\\0b\"", "\"a\\uFFFEb\""}) {
            var spoiled = pack.replaceFirst("name: [^\\n]+", "name: " + Matcher.quoteReplacement(name));
            var body = json.writeValueAsString(Map.of("pack", spoiled, "note", ""));
            assertEquals(client.post("/api/know-how/dishwasher/revisions", body).kind(), "invalid", name);
        }
        for (var number : new String[] {".nan", ".inf"}) {
            var spoiled = pack.replaceFirst("rate: [0-9.]+", "rate: " + number);
            var body = json.writeValueAsString(Map.of("pack", spoiled, "note", ""));
            assertEquals(client.post("/api/know-how/dishwasher/revisions", body).kind(), "invalid", number);
        }
    }

    @Test
    public void whatIsNotThereIsNotFound() {
        var client = signedIn();
        assertEquals(client.get("/api/calls/" + UUID.randomUUID() + "/state").kind(), "not-found");
    }

    @Test
    public void theIdOfSomethingOnAnotherCallIsRefused() {
        var client = signedIn();
        var id = UUID.randomUUID();
        Calls.add(client).send(id, code("E1"));
        var answer = Calls.add(client).send(id, code("E1"));
        assertEquals(answer.kind(), "invalid");
        assertTrue(answer.detail().contains("repeat of another entry"), answer.detail());
    }

    @Test
    public void aVersionThatHasNotBeenYetIsNoneThatSomebodyHasSeen() {
        var client = signedIn();
        var call = Calls.add(client);
        call.seenBy(signedIn("rollo")).send(code("E1"));
        var close = "{\"kind\": \"close\", \"base\": 2147483647, \"signOff\": \"left\", \"advice\": \"\"}";
        assertEquals(call.send(close).kind(), "stale");
    }

    @Test
    public void nothingIsDoneToACallBeforeItWasPutOnFile() {
        var client = signedIn();
        long before = System.currentTimeMillis();
        var call = Calls.add(client);
        call.sendOnly(UUID.randomUUID(), before - 40L * 86_400_000, code("E1"));
        assertTrue(call.get().body().path("story").path(0).path("at").asLong() >= before - 5_000);
        var trail = client.get(call.path + "/trail").body();
        var last = trail.path(trail.size() - 1);
        assertTrue(last.path("receivedAt").asLong() >= before - 5_000, last.toString());
    }

    /** A request that says how long it is to be, of which so much has come. */
    private Socket begun(String path, int length, String type, String come) throws IOException {
        var socket = new Socket("127.0.0.1", port());
        socket.getOutputStream()
                .write("POST %s HTTP/1.1\r\nHost: localhost\r\nContent-Length: %d\r\nContent-Type: %s\r\n\r\n%s"
                        .formatted(path, length, type, come)
                        .getBytes(StandardCharsets.UTF_8));
        return socket;
    }

    @Test
    public void slowSendersHoldUpNobody() throws IOException {
        var client = signedIn();
        var slow = new ArrayList<Socket>();
        try {
            for (int i = 0; i < 300; i++) {
                slow.add(begun("/api/session", 500, "application/x-www-form-urlencoded", "l"));
            }
            for (int i = 0; i < 5; i++) {
                assertEquals(client.get("/api/session").status(), 200);
            }
        } finally {
            for (var socket : slow) {
                socket.close();
            }
        }
    }
}
