package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.util.List;
import java.util.UUID;
import org.testng.annotations.Test;

/** What is written in own words: kept, reported, and put before whoever keeps the know-how. */
public class NoteTest extends ServerTest {
    private static String note(String about, String text) {
        return "{\"about\": \"%s\", \"text\": \"%s\", \"proved\": false}".formatted(about, text);
    }

    private static List<String> noted(Client client, String callId) {
        return client.get("/api/know-how/dishwasher/noted")
                .body()
                .valueStream()
                .filter(one -> one.path("callId").asString().equals(callId))
                .map(one -> one.path("note").path("text").asString())
                .toList();
    }

    @Test
    public void whatWasSeenReachesTheLeadAndAPlainNoteDoesNot() {
        var client = signedIn();
        var call = Calls.add(client);
        call.keep("note", UUID.randomUUID(), note("SEEN", "Mouse nest behind the kick plate"));
        var seen =
                call.keep("note", UUID.randomUUID(), note("NOTE", "Ring twice")).body();
        assertEquals(seen.path("job").path("notes").size(), 2);
        assertEquals(noted(client, "" + call.id()), List.of("Mouse nest behind the kick plate"));
        var rows = call.report().path("sections").toString();
        assertTrue(rows.contains("Also noted") && rows.contains("Ring twice"), rows);
    }

    @Test
    public void anUnfitNoteIsRefusedInWords() {
        var call = Calls.add(signedIn());
        var refused = call.keep("note", UUID.randomUUID(), note("SEEN", " "));
        assertEquals(refused.status(), 400);
        assertEquals(call.get().body().path("job").path("notes").size(), 0);
    }

    @Test
    public void aTakenBackNoteIsGone() {
        var client = signedIn();
        var call = Calls.add(client);
        var line = UUID.randomUUID();
        call.keep("note", line, note("DONE", "Shimmed the hinge"));
        call.drop("" + line, 1);
        assertEquals(noted(client, "" + call.id()), List.of());
    }
}
