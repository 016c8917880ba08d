package grimygasket.server.documents;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import grimygasket.server.calls.PhotoTest;
import java.io.IOException;
import java.util.UUID;
import java.util.function.Consumer;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A call given out as a file, and taken in where it is not on file. */
public class CallDocumentTest extends ServerTest {
    private static Answer bringIn(Client client, JsonNode document) {
        return client.post("/api/call-documents", document.toString());
    }

    /** As if nothing of it had ever been here. */
    private static void forget(Client client, JsonNode document) {
        client.delete("/api/customers/" + document.path("customer").path("id").asString());
    }

    @Test
    public void readBackItIsTheSameCallWithTheSameReport() throws IOException {
        var client = signedIn();
        var call = ReportTest.cleaned(client);
        var line =
                call.get().body().path("job").path("pieces").path(0).path("id").asString();
        call.photo(UUID.randomUUID(), "" + line, PhotoTest.picture());
        call.close(call.version(), "");
        var document = client.get(call.path + "/call.json").body();
        var view = call.get().body();
        var report = call.report();

        forget(client, document);
        assertEquals(call.get().kind(), "not-found");
        var answer = bringIn(client, document);
        assertEquals(answer.status(), 200, answer.body().toString());
        assertEquals(client.get(call.path + "/call.json").body(), document);
        assertEquals(call.report(), report);
        assertTrue(call.held().body().has("broughtIn"), "it says so");
        assertEquals(call.get().body(), view);
        assertEquals(bringIn(client, document).kind(), "invalid", "it is on file now");
    }

    @Test
    public void knowHowAndPartsThatAreNewHereComeWithIt() {
        var client = signedIn();
        var call = ReportTest.cleaned(client);
        var use = UUID.randomUUID();
        call.usePart(use, "replace-valve", "0193a000-0000-7000-8000-000000000308", 1);
        var document = (ObjectNode) client.get(call.path + "/call.json").body();
        call.putBack(use);
        forget(client, document);
        var part = (ObjectNode) document.path("parts").path(0);
        part.put("number", "RV-UNKNOWN").put("partId", UUID.randomUUID().toString());
        var knowHow = (ObjectNode) document.path("knowHow");
        knowHow.put("pack", knowHow.path("pack").asString() + "# Kept by another business.\n");

        assertEquals(bringIn(client, document).body().path("call").asString(), "" + call.id());
        var taken = call.held().body();
        assertEquals(taken.path("broughtIn").path("by").asString(""), "Maren Tolliver");
        assertEquals(taken.path("call").path("parts").path(0).path("number").asString(), "RV-UNKNOWN");
        assertTrue(taken.path("call").path("head").path("revision").asInt() > 1, "a version of its own");
        assertFalse(
                client.get("/api/know-how/dishwasher/revisions")
                        .body()
                        .path(0)
                        .path("active")
                        .asBoolean(),
                "which is not put to use for new calls");
    }

    @Test
    public void aBrokenFileIsRefusedWholeWithReasons() {
        var client = signedIn();
        assertEquals(client.post("/api/call-documents", "{").kind(), "invalid");
        var call = Calls.add(client);
        call.enter("CHECK", "filter-look", "clogged");
        var document = (ObjectNode) client.get(call.path + "/call.json").body();
        forget(client, document);

        var spoilt = document.deepCopy();
        ((ObjectNode) spoilt.path("customer")).put("name", "");
        spoilt.remove("story");
        var problems = bringIn(client, spoilt).body().path("problems").toString();
        assertTrue(problems.contains("/customer/name") && problems.contains("story"), problems);

        var unknown = document.deepCopy();
        ((ObjectNode) unknown.path("story").path(0).path("finding")).put("outcome", "purple");
        var refused = bringIn(client, unknown);
        assertEquals(refused.kind(), "invalid");
        assertTrue(refused.detail().contains("purple"), refused.detail());

        var foreign = document.deepCopy();
        foreign.put("currency", "USD");
        assertTrue(bringIn(client, foreign).detail().contains("USD"));
        assertEquals(call.get().kind(), "not-found", "nothing of it is left behind");
        assertEquals(bringIn(client, document).status(), 200);
    }

    /** A file with something of it put otherwise is refused, and says why. */
    private static void refused(Client client, ObjectNode document, Consumer<ObjectNode> spoil, String why) {
        var spoilt = document.deepCopy();
        spoil.accept(spoilt);
        var answer = bringIn(client, spoilt);
        assertEquals(answer.kind(), "invalid", why);
        assertTrue(answer.body().toString().contains(why), answer.body().toString());
    }

    private static ObjectNode in(JsonNode document, String member) {
        return (ObjectNode) document.path(member);
    }

    @Test
    public void whatItsKnowHowDoesNotHaveAndTimesFarAwayAreRefused() {
        var client = signedIn();
        var call = Calls.add(client);
        call.keepCaution("shock");
        var document = (ObjectNode) client.get(call.path + "/call.json").body();
        forget(client, document);
        refused(client, document, file -> in(file, "schools").put("moon", "full"), "does not ask “moon”");
        refused(client, document, file -> in(file, "schools").put("how-often", "never-ever"), "is no answer");
        refused(
                client,
                document,
                file -> ((ObjectNode) file.path("cautions").path(0)).put("caution", "ghosts"),
                "no caution “ghosts”");
        refused(client, document, file -> in(file, "call").put("day", "2099-01-01"), "ten years away");
        refused(
                client,
                document,
                file -> ((ObjectNode) file.path("complaints").path(0)).put("at", 1L),
                "ten years away");
        assertEquals(bringIn(client, document).status(), 200);
    }

    @Test
    public void nobodyElsesMachineOrNameIsTaken() {
        var client = signedIn();
        var others = Calls.add(client).held().body();
        var call = Calls.add(client);
        var document = (ObjectNode) client.get(call.path + "/call.json").body();
        forget(client, document);
        refused(
                client,
                document,
                file -> in(file, "customer")
                        .put("name", "Somebody Else")
                        .put("id", others.path("customer").path("id").asString()),
                "by another name, as Tess Orrin");
        refused(
                client,
                document,
                file -> in(file, "machine")
                        .put(
                                "id",
                                others.path("call").path("machine").path("id").asString()),
                "another customer's");
        assertEquals(bringIn(client, document).status(), 200);
    }

    @Test
    public void whatCannotBeIsRefusedWithoutNamesOfOurs() {
        var client = signedIn();
        var call = ReportTest.cleaned(client);
        var document = (ObjectNode) client.get(call.path + "/call.json").body();
        forget(client, document);
        refused(client, document, one -> one.put("remedy", "no-such-remedy"));
        refused(client, document, one -> one.put("proved", "PERHAPS"));
        var twice = document.deepCopy();
        ((tools.jackson.databind.node.ArrayNode) twice.path("story"))
                .add(twice.path("story").path(0));
        var answer = bringIn(client, twice);
        assertEquals(answer.kind(), "invalid");
        assertTrue(answer.body().toString().contains("twice"), answer.body().toString());
    }

    /** With a remedy of its story spoiled. */
    private static void refused(Client client, ObjectNode document, Consumer<ObjectNode> spoil) {
        var spoiled = document.deepCopy();
        var remedy = spoiled.path("story")
                .valueStream()
                .map(entry -> (ObjectNode) entry.path("finding"))
                .filter(finding -> finding.path("kind").asString().equals("remedy-tried"))
                .findFirst()
                .orElseThrow();
        spoil.accept(remedy);
        var answer = bringIn(client, spoiled);
        var said = answer.body().toString();
        assertEquals(answer.kind(), "invalid", said);
        assertFalse(said.contains("grimygasket.") || said.contains("java.") || said.contains("reference chain"), said);
    }
}
