package grimygasket.server.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.knowhow.Shipped;
import grimygasket.server.ServerTest;
import java.util.UUID;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A draft of the know-how: changed piece by piece, looked at, tried out, and put to use. */
public class DraftTest extends ServerTest {
    private static final String KIND = "/api/know-how/vacuum-cleaner";
    private static final String DRAFT = KIND + "/draft";
    private static final String FAULT = """
            {"name": "Hose swollen inside", "at": ["wand"], "rate": 0.0005, "blocks": 0.4}""";

    @AfterMethod
    public void forget() {
        var client = signedIn();
        client.delete(DRAFT);
        client.put(KIND + "/revisions/active", "{\"number\": 1}");
    }

    private static JsonNode piece(JsonNode draft, String section, String id) {
        return draft.path("pack")
                .path(section)
                .valueStream()
                .filter(piece -> piece.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** A fault that nothing shows and nothing cures is no sound one yet; a symptom, a check and a remedy make it that. */
    private void addWhole(Client client) {
        client.put(DRAFT + "/faults/hose-swollen", FAULT);
        client.put(DRAFT + "/symptoms/hose-feels-thick", """
                {"name": "Hose feels thick", "ask": "Does the hose feel thicker in one place?", "minutes": 1,
                 "leak": 0.01, "causes": {"hose-swollen": 0.8}}""");
        client.put(DRAFT + "/checks/hose-feel", """
                {"name": "Feel along the hose", "minutes": 1, "known": "FELT", "tools": [], "steps": ["Unplugged: run a hand along it."],
                 "outcomes": [{"id": "thick", "name": "Thick in one place", "shows": ["hose-swollen"]}, {"id": "even", "name": "Even"}]}""");
        client.put(DRAFT + "/remedies/new-hose-fitted", """
                {"name": "Fit a new hose", "minutes": 5, "cures": {"hose-swollen": 0.95}, "tools": [],
                 "steps": ["Unplugged: turn the old hose out of its collar, the new one in until it clicks."], "proof": "%s"}""".formatted(proof(client)));
    }

    private static String proof(Client client) {
        return client.get(KIND)
                .body()
                .path("pack")
                .path("remedies")
                .path(0)
                .path("proof")
                .asString();
    }

    @Test
    public void withoutAnEditItIsTheVersionInUse() {
        var draft = signedIn().get(DRAFT).body();
        assertEquals(draft.path("edits").size(), 0);
        assertEquals(draft.path("inspection").path("changes").size(), 0);
        assertEquals(draft.path("inspection").path("problems").size(), 0);
    }

    @Test
    public void anEditChangesWhatItNamesAndIsTakenBack() {
        var client = signedIn();
        var id = client.get(KIND)
                .body()
                .path("pack")
                .path("faults")
                .path(0)
                .path("id")
                .asString();
        var before = piece(client.get(DRAFT).body(), "faults", id);
        var draft = client.put(DRAFT + "/faults/" + id, "{\"rate\": 0.0123}").body();
        assertEquals(piece(draft, "faults", id).path("rate").asDouble(), 0.0123);
        assertEquals(piece(draft, "faults", id).path("name"), before.path("name"));
        assertEquals(draft.path("edits").path(0).path("members").path(0).asString(), "rate");
        assertEquals(draft.path("inspection").path("changes").size(), 1);

        var again = client.put(DRAFT + "/faults/" + id, "{\"rate\": 0.0123}").body();
        assertEquals(again.path("edits").size(), 1, "what changes nothing is no edit");

        int number = draft.path("edits").path(0).path("number").asInt();
        var back = client.delete(DRAFT + "/edits/" + number).body();
        assertEquals(piece(back, "faults", id), before);
        assertEquals(client.delete(DRAFT + "/edits/" + number).status(), 200, "what is gone stays gone");
    }

    @Test
    public void whatContradictsItselfIsKeptSaidAndNotPutToUse() {
        var client = signedIn();
        var draft = client.put(DRAFT + "/symptoms/odd", """
                {"name": "Odd", "ask": "Odd?", "minutes": 1, "leak": 0.01, "causes": {"ghost": 0.5}}""").body();
        var problems = draft.path("inspection").path("problems").toString();
        assertTrue(problems.contains("ghost"), problems);
        assertEquals(piece(draft, "symptoms", "odd").path("name").asString(), "Odd", "nothing typed is lost");
        var use = client.post(DRAFT + "/use", "{\"note\": \"Odd\", \"alone\": true}");
        assertEquals(use.status(), 400);
        assertTrue(use.detail().contains("contradicts itself"), use.detail());
        var cases = client.get(DRAFT + "/cases");
        assertEquals(cases.status(), 400);
        assertTrue(
                cases.body().path("problems").toString().contains("ghost"),
                cases.body().toString());
        assertEquals(
                client.delete(DRAFT + "/symptoms/odd")
                        .body()
                        .path("inspection")
                        .path("problems")
                        .size(),
                0);
    }

    @Test
    public void aDeviceGetsTheDraftToTryItOut() {
        var client = signedIn();
        addWhole(client);
        var draft = client.get(DRAFT + "/know-how").body();
        assertTrue(draft.path("pack").path("symptoms").toString().contains("hose-feels-thick"));
        var inUse = client.get("/api/device/know-how/vacuum-cleaner/1").body();
        assertEquals(inUse.propertyNames(), draft.propertyNames());
        assertFalse(inUse.toString().contains("hose-feels-thick"), "those in use do not know the symptom");
    }

    @Test
    public void whoWroteAllOfItSaysThatTheyCheckedIt() {
        var client = signedIn();
        addWhole(client);
        var draft = client.get(DRAFT).body().path("inspection");
        assertEquals(draft.path("problems").size() + draft.path("dangers").size(), 0, draft.toString());
        var alone = client.post(DRAFT + "/use", "{\"note\": \"Swollen hoses\", \"alone\": false}");
        assertEquals(alone.status(), 400);
        assertTrue(alone.detail().contains("You wrote all of it"), alone.detail());
        assertEquals(
                client.post(DRAFT + "/use", "{\"note\": \" \", \"alone\": true}")
                        .status(),
                400);

        var used = client.post(DRAFT + "/use", "{\"note\": \"Swollen hoses\", \"alone\": true}")
                .body();
        var newest = used.path(0);
        assertTrue(newest.path("active").asBoolean());
        assertEquals(newest.path("source").asString(), "EDITED");
        assertEquals(client.get(DRAFT).body().path("edits").size(), 0);
        assertTrue(client.get(KIND).body().toString().contains("Hose swollen inside"));

        var shipped = Shipped.texts("vacuum-cleaner").pack();
        var taken = client.get(KIND + "/revisions/" + newest.path("number").asInt() + "/pack.yaml")
                .response()
                .body();
        var kept = taken.lines().toList();
        assertTrue(kept.containsAll(shipped.lines().toList()), "every line that was there is there, comments and all");
    }

    @Test
    public void aSecondPersonPutsItToUse() {
        var client = signedIn();
        addWhole(client);
        client.put("/api/colleagues/" + UUID.nameUUIDFromBytes("second".getBytes()), """
                {"login": "second-lead", "name": "Second Lead", "password": "%s", "rank": "LEAD"}""".formatted(PASSWORD));
        var second = signedIn("second-lead");
        assertTrue(client.get(DRAFT).body().path("alone").asBoolean(), "who wrote all of it");
        assertFalse(second.get(DRAFT).body().path("alone").asBoolean(true), "who wrote nothing of it");
        assertEquals(
                second.post(DRAFT + "/use", "{\"note\": \"Seen by two\", \"alone\": false}")
                        .status(),
                200);
    }

    @Test
    public void onlyTheLeadChangesAnything() {
        var lead = signedIn();
        lead.put("/api/colleagues/" + UUID.nameUUIDFromBytes("hand".getBytes()), """
                {"login": "a-technician", "name": "A Technician", "password": "%s", "rank": "TECHNICIAN"}""".formatted(PASSWORD));
        var technician = signedIn("a-technician");
        assertEquals(technician.put(DRAFT + "/faults/hose-swollen", FAULT).status(), 403);
        assertEquals(technician.delete(DRAFT + "/faults/hose-swollen").status(), 403);
        assertEquals(technician.delete(DRAFT).status(), 403);
        assertEquals(
                technician
                        .post(DRAFT + "/use", "{\"note\": \"x\", \"alone\": true}")
                        .status(),
                403);
        assertEquals(technician.get(DRAFT).status(), 200);
    }

    @Test
    public void namesAndSectionsAreChecked() {
        var client = signedIn();
        assertTrue(client.put(DRAFT + "/faults/Hose%20swollen", FAULT).detail().contains("small letters"));
        assertTrue(client.put(DRAFT + "/proofs/x", FAULT).detail().contains("not changed here"));
        assertTrue(client.put(DRAFT + "/faults/x", "{\"name: y\\n  - id\": 1}")
                .detail()
                .contains("letters alone"));
        var long20k = "{\"name\": \"" + "a".repeat(21_000) + "\"}";
        assertTrue(client.put(DRAFT + "/faults/long", long20k).detail().contains("too long"));
        assertFalse(client.get(DRAFT).body().path("edits").iterator().hasNext());
    }
}
