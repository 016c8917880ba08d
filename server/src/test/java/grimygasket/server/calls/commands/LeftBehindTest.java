package grimygasket.server.calls.commands;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.util.UUID;
import org.testng.annotations.Test;

/** What waited on the device of somebody who was locked out. */
public class LeftBehindTest extends ServerTest {
    private static String command(UUID id, UUID call, int seq, String code) {
        return """
                {"id": "%s", "call": "%s", "device": "%s", "seq": %d, "at": %d,
                 "change": {"kind": "settle", "finding": {"kind": "code-read", "shown": "%s"}}}
                """.formatted(id, call, UUID.randomUUID(), seq, System.currentTimeMillis(), code);
    }

    private static String body(String... commands) {
        return "{\"commands\": [" + String.join(", ", commands) + "]}";
    }

    @Test
    public void theLeadTakesItAsOfWhoeverDidItOrLeavesIt() {
        var owner = signedIn();
        var call = Calls.add(owner);
        var person = "/api/colleagues/" + UUID.randomUUID();
        owner.put(person, """
                {"login": "corin", "name": "Corin Ashe", "password": "lint-and-limescale", "rank": "TECHNICIAN"}""");
        var phone = client();
        phone.signIn("corin", "lint-and-limescale");
        assertEquals(phone.post("/api/left-behind", body()).kind(), "sign-in-needed", "nothing is left by who is in");
        owner.put(person + "/locked", "{\"locked\": true}");
        assertEquals(phone.get("/api/round").kind(), "device-lost");
        var first = UUID.randomUUID();
        var second = UUID.randomUUID();
        var both = body(command(first, call.id(), 1, "E77"), command(second, call.id(), 2, "E78"));
        assertEquals(phone.post("/api/left-behind", both).status(), 204);
        assertEquals(phone.post("/api/left-behind", both).status(), 204, "once more is no more");
        assertEquals(client().post("/api/left-behind", both).kind(), "page-too-old", "strangers leave nothing");
        var stranger = client().onDeviceOf(phone);
        stranger.get("/api/session");
        assertEquals(stranger.post("/api/left-behind", both).kind(), "sign-in-needed", "nor who only knows its id");

        var left = owner.get("/api/left-behind").body();
        assertEquals(left.size(), 2, left.toString());
        assertEquals(left.path(0).path("by").asString(), "Corin Ashe");
        assertEquals(left.path(0).path("customer").asString(), "Tess Orrin");
        assertEquals(owner.post("/api/left-behind/" + first, "").body().size(), 1);
        assertEquals(owner.delete("/api/left-behind/" + second).body().size(), 0);
        assertEquals(owner.delete("/api/left-behind/" + second).kind(), "not-found");
        var story = call.get().body().path("story");
        assertEquals(story.size(), 1, story.toString());
        assertTrue(story.toString().contains("E77") && story.toString().contains("Corin Ashe"), story.toString());
    }
}
