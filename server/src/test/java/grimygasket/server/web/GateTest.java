package grimygasket.server.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.util.UUID;
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
    public void whatIsTooLargeOrOfNoKindIsRefusedUnread() {
        var client = signedIn();
        assertEquals(client.post("/api/commands", "x".repeat(1_000_001)).kind(), "too-large");
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
}
