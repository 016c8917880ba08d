package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A visit for upkeep: what is due, what was found last time, and a fault that is seen on the way. */
public class UpkeepCallTest extends ServerTest {
    private static Calls add(Client client, UUID machine, String day) {
        var call = Calls.on(client, UUID.randomUUID());
        var dishwasher = Calls.machine(machine, "dishwasher", "Corvanne", "pump-screen");
        var added = call.send(Calls.begin(LocalDate.parse(day), "", "Tess Orrin", dishwasher)
                .replace("\"upkeep\": false", "\"upkeep\": true"));
        assertEquals(added.status(), 200, added.body().toString());
        return call;
    }

    private static JsonNode task(JsonNode call, String remedy) {
        return call.path("upkeep")
                .path("tasks")
                .valueStream()
                .filter(task -> task.path("remedy").asString().equals(remedy))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> gaps(JsonNode call) {
        return call.path("handOver")
                .path("gaps")
                .valueStream()
                .map(gap -> gap.path("text").asString())
                .toList();
    }

    @Test
    public void aCallAboutAFaultStillWantsAComplaint() {
        var client = signedIn();
        var refused = Calls.on(client, UUID.randomUUID()).send(Calls.begin(" ", "Tess Orrin", "Corvanne"));
        assertEquals(refused.status(), 400);
        assertTrue(
                refused.body().path("fields").has("complaint"), refused.body().toString());
    }

    @Test
    public void whatIsDueIsDoneAndLeavesNoGap() {
        var call = add(signedIn(), UUID.randomUUID(), "2031-05-06");
        var before = call.get().body();
        assertEquals(before.path("stands").asString(), "CLEAN");
        assertTrue(task(before, "clean-screen").path("due").asBoolean());
        assertTrue(
                gaps(before).contains("Not done: “Clean and seat the door seal”."),
                gaps(before).toString());

        var after = call.enter("REMEDY", "clean-seal", "kept-up").body();
        assertTrue(task(after, "clean-seal").path("done").asBoolean());
        assertFalse(
                gaps(after).contains("Not done: “Clean and seat the door seal”."),
                gaps(after).toString());
        assertTrue(after.path("upkeep").path("minutes").asDouble()
                < before.path("upkeep").path("minutes").asDouble());
    }

    @Test
    public void theNextVisitKnowsWhenItWasDoneAndWhatWasFound() {
        var client = signedIn();
        var machine = UUID.randomUUID();
        var first = add(client, machine, "2031-05-06");
        first.enter("REMEDY", "clean-screen", "kept-up");
        first.keep("condition", UUID.randomUUID(), """
                {"station": "screen", "stuff": "PAPER", "before": 0.1, "after": 1, "wear": "SOUND", "binned": true,
                 "sinceDays": 180}
                """);
        closeWithReason(first);

        var next = add(client, machine, "2036-05-06").get().body();
        var known = task(next, "clean-screen");
        assertTrue(known.path("due").asBoolean(), "years later it is due again");
        assertTrue(known.has("daysLeft"));
        assertFalse(task(next, "clean-filter").has("daysLeft"), "it was not done then");
        var unknown = task(add(client, UUID.randomUUID(), "2036-05-06").get().body(), "clean-screen");
        assertTrue(
                known.path("everyDays").asInt() < unknown.path("everyDays").asInt(),
                "what was found nearly blocked is done more often");
    }

    private static void closeWithReason(Calls call) {
        for (var caution :
                call.get().body().path("safe").path("isolation").valueStream().toList()) {
            call.keepCaution(caution.path("caution").asString());
        }
        int version = call.get().body().path("head").path("version").asInt();
        var closed = call.close(version, "No time");
        assertEquals(closed.status(), 200, closed.body().toString());
    }

    @Test
    public void aFaultSeenOnTheWayMakesItACallAboutAFault() {
        var client = signedIn();
        var call = add(client, UUID.randomUUID(), "2031-05-06");
        call.enter("REMEDY", "clean-filter", "kept-up");
        var turned = call.send("{\"kind\": \"see-fault\"}").body();
        assertFalse(turned.has("upkeep"));
        assertTrue(
                gaps(turned).contains("Cause not confirmed yet."), gaps(turned).toString());
        assertEquals(turned.path("story").size(), 1, "what was done stays");
        assertEquals(call.send("{\"kind\": \"see-fault\"}").status(), 200, "twice is once");
    }

    @Test
    public void aSignMakesItACallAboutAFaultAndBurningStopsIt() {
        var call = add(signedIn(), UUID.randomUUID(), "2031-05-06");
        assertFalse(call.get().body().path("assessment").path("plan").has("next"), "nothing is to be found");
        assertTrue(call.enter("SYMPTOM", "rattle", "no").body().has("upkeep"), "nothing was seen");
        var burning = call.enter("SYMPTOM", "alarm", "yes").body();
        assertFalse(burning.has("upkeep"));
        assertEquals(
                burning.path("assessment")
                        .path("plan")
                        .path("next")
                        .path("kind")
                        .asString(),
                "STOP");
    }

    @Test
    public void theReportSaysWhatWasDoneAndWhenItIsDueAgain() {
        var client = signedIn();
        var call = add(client, UUID.randomUUID(), "2031-05-06");
        call.enter("REMEDY", "clean-filter", "kept-up");
        var report = call.report();
        var titles = report.path("sections")
                .valueStream()
                .map(section -> section.path("title").asString())
                .toList();
        assertTrue(titles.containsAll(List.of("Upkeep", "Done", "Next dates")), titles.toString());
        assertFalse(titles.contains("Complaint") || titles.contains("Likeliest cause so far"), titles.toString());
    }
}
