package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.util.UUID;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Several complaints and several machines on one visit, facts, and remedies that cure only one of two complaints. */
public class VisitTest extends ServerTest {
    private static double chance(JsonNode call, String fault) {
        return call.path("assessment")
                .path("ranking")
                .valueStream()
                .filter(suspect -> suspect.path("fault").asString().equals(fault))
                .findFirst()
                .orElseThrow()
                .path("chance")
                .asDouble();
    }

    private static Answer complain(Calls call, UUID id, String text) {
        return call.complain(id, text);
    }

    @Test
    public void furtherComplaintsAreAddedAndWithdrawnButOneStays() {
        var client = signedIn();
        var call = Calls.add(client);
        var id = UUID.randomUUID();
        complain(call, id, "And it smells");
        var twice = complain(call, id, "And it smells").body();
        assertEquals(twice.path("complaints").size(), 2, "a repeated request adds it once");
        assertTrue(twice.path("complaint").asString().contains("And it smells"));
        assertEquals(complain(call, UUID.randomUUID(), " ").status(), 400);

        assertEquals(call.withdraw("" + id).body().path("complaints").size(), 1);
        var last = twice.path("complaints").path(0).path("id").asString();
        assertEquals(call.withdraw(last).status(), 400);
    }

    @Test
    public void anotherMachineIsACallBesideOnTheSameVisit() {
        var client = signedIn();
        var call = Calls.add(client);
        var visit = call.get().body();
        var other = Calls.on(client, UUID.randomUUID());
        var added = other.send("""
                {"kind": "begin", "day": 22405, "plannedAt": 570, "complaint": "Drum stands full", "upkeep": false,
                 "visitId": %s, "customer": %s, "machine": %s}
                """.formatted(
                        visit.path("head").path("visitId"),
                        call.held().body().path("customer"),
                        Calls.machine(UUID.randomUUID(), "washing-machine", "Quillane")));
        assertEquals(added.status(), 200, added.body().toString());
        assertEquals(other.held().body().path("beside").path(0).path("kind").asString(), "Dishwasher");
        var seen = call.held().body().path("beside");
        assertEquals(seen.size(), 1);
        assertEquals(seen.path(0).path("callId").asString(), "" + other.id());
    }

    @Test
    public void factsShiftTheSuspectsAndAreCorrectedOrTakenBack() {
        var call = Calls.add(signedIn());
        var before = call.get().body();
        var told = call.enter("FACT", "odd-load", "wax").body();
        assertTrue(chance(told, "wax-set") > 10 * chance(before, "wax-set"));
        assertFalse(told.has("startedAt"), "asking about the past is not work on the machine");
        var fact = told.path("story").path(0);
        var corrected = call.correct(fact, "none").body();
        assertTrue(chance(corrected, "wax-set") <= chance(before, "wax-set"));
        var entry = corrected.path("story").path(0);
        call.takeBack(entry.path("id").asString(), entry.path("version").asInt());
        assertEquals(chance(call.get().body(), "wax-set"), chance(before, "wax-set"), 1e-12);
        assertEquals(call.enter("FACT", "odd-load", "lava").status(), 400);
    }

    @Test
    public void aRemedyThatCuresOneOfTwoComplaintsLeavesTheOther() {
        var call = Calls.add(signedIn());
        call.enter("SYMPTOM", "standing-water", "yes");
        call.enter("SYMPTOM", "film", "yes");
        var done = call.enter("REMEDY", "clear-impeller", "done").body();
        var remedy = done.path("story").path(2);
        var partly = call.correct(remedy, "partly").body();
        assertTrue(partly.path("assessment").path("plan").has("next"), "there is more to do");
        assertTrue(chance(partly, "impeller-jammed") < 0.05);
        assertTrue(chance(partly, "detergent-wrong") > 0.3);
    }
}
