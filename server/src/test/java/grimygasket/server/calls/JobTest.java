package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.time.LocalDate;
import java.util.List;
import java.util.TreeSet;
import java.util.UUID;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The job sheet: what came off, was found, shut off and proved; by one, and by two at once. */
public class JobTest extends ServerTest {
    private static final String HEATER = """
            {"what": "HEATER_UP", "text": "boiler in the hall", "settled": false}
            """;

    private static List<String> names(JsonNode call, String kind, String member) {
        return call.path("job")
                .path(kind)
                .valueStream()
                .map(line -> line.path("what").path(member).asString())
                .toList();
    }

    private static List<String> cups(JsonNode call) {
        return call.path("job")
                .path("pieces")
                .valueStream()
                .flatMap(line -> line.path("what").path("screws").valueStream())
                .map(group -> group.path("cup").asString())
                .toList();
    }

    @Test
    public void whatIsKnownToComeOffIsLaidDownOnceEachScrewInACupOfItsOwn() {
        var call = Calls.add(signedIn());
        var laid = call.lay("lower-rack", "filter", "cover", "plate").body();
        assertEquals(names(laid, "pieces", "name"), List.of("Lower rack", "Filter", "Sump cover", "Kick plate"));
        assertEquals(cups(laid), List.of("A", "B"));
        var times = laid.path("job")
                .path("pieces")
                .valueStream()
                .map(line -> line.path("at").asLong())
                .toList();
        assertEquals(new TreeSet<>(times).size(), 4, "what is laid down together keeps its order");
        assertEquals(laid.path("open").path("freeCups").path(0).asString(), "C");
        assertEquals(
                call.lay("cover").body().path("job").path("pieces").size(), 4, "another screen laid it down already");
        assertFalse(
                laid.path("open").path("toLay").path("sump-cover").toString().contains("\"cover\""),
                "it is not proposed again");
    }

    @Test
    public void theWayBackIsTheTrayInReverse() {
        var call = Calls.add(signedIn());
        var laid = call.lay("lower-rack", "filter", "cover").body();
        assertEquals(
                laid.path("close")
                        .path("tray")
                        .path("wayBack")
                        .valueStream()
                        .map(step -> step.path("state").asString())
                        .toList(),
                List.of("READY", "WAITS", "WAITS"));
        assertEquals(Calls.gaps(laid, "CLOSE").size(), 3);
        call.rebuild();
        assertEquals(Calls.gaps(call.get().body(), "CLOSE"), List.of());
    }

    @Test
    public void twoPeopleOnOneCallLoseNothing() {
        var maren = Calls.add(signedIn());
        var rollo = maren.seenBy(signedIn("rollo"));
        maren.lay("filter");
        var both = rollo.keep("found", "{\"what\": \"earring\", \"count\": 1, \"fate\": \"KEPT\"}")
                .body();
        assertEquals(both.path("job").path("pieces").path(0).path("by").asString(), "Maren Tolliver");
        assertEquals(both.path("job").path("things").path(0).path("by").asString(), "Rollo Fenn");

        var thing = UUID.fromString(
                both.path("job").path("things").path(0).path("id").asString());
        var returned = "{\"what\": \"earring\", \"count\": 1, \"fate\": \"RETURNED\"}";
        var kept = "{\"what\": \"earring\", \"count\": 1, \"fate\": \"KEPT\"}";
        assertEquals(maren.change("found", thing, kept, returned).status(), 200);
        assertEquals(rollo.change("found", thing, kept, returned).status(), 200, "both say the same");
        var binned = rollo.change("found", thing, kept, "{\"what\": \"earring\", \"count\": 1, \"fate\": \"BINNED\"}");
        assertEquals(binned.kind(), "stale", "it cannot be given back and binned");
        var two = rollo.change("found", thing, kept, "{\"what\": \"earring\", \"count\": 2, \"fate\": \"KEPT\"}")
                .body();
        var what = two.path("job").path("things").path(0).path("what");
        assertEquals(what.path("count").asInt(), 2, "what one changed");
        assertEquals(what.path("fate").asString(), "RETURNED", "and the other");
        assertEquals(rollo.drop(thing.toString(), 1).kind(), "stale");
        assertEquals(rollo.drop(thing.toString(), 3).status(), 200);
        assertEquals(maren.change("found", thing, kept, returned).kind(), "stale", "it was taken back meanwhile");
    }

    @Test
    public void oneStationIsJudgedOnceWhoeverLooks() {
        var maren = Calls.add(signedIn());
        var rollo = maren.seenBy(signedIn("rollo"));
        maren.keep("condition", """
                {"station": "filter", "stuff": "FOOD", "before": 0.2, "wear": "DIRTY_ONLY", "binned": false}
                """);
        var other = rollo.keep("condition", """
                {"station": "filter", "stuff": "GREASE", "before": 0.5, "wear": "DIRTY_ONLY", "binned": false}
                """);
        assertEquals(other.kind(), "stale", "the first judgement is shown, not written over");
    }

    @Test
    public void whatMakesNoSenseIsRefusedInWords() {
        var call = Calls.add(signedIn());
        var share = call.keep("condition", """
                {"station": "filter", "stuff": "FOOD", "before": 7, "wear": "DIRTY_ONLY", "binned": false}
                """);
        assertEquals(share.kind(), "invalid");
        assertTrue(share.detail().contains("between 0 and 1"), share.detail());
        var nowhere = call.keep("condition", """
                {"station": "chimney", "stuff": "FOOD", "wear": "DIRTY_ONLY", "binned": false}
                """);
        assertTrue(nowhere.detail().contains("chimney"), nowhere.detail());
        assertEquals(
                call.keep("found", "{\"what\": \"%s\", \"count\": 1, \"fate\": \"KEPT\"}".formatted("x".repeat(3000)))
                        .kind(),
                "invalid");
    }

    @Test
    public void aHeaterLeftTurnedUpCannotBeSignedOffByAnybody() {
        var call = Calls.add(signedIn());
        var line = UUID.randomUUID();
        call.keep("debt", line, HEATER);
        var refused = call.close(call.version(), "No time");
        assertEquals(refused.kind(), "gaps");
        assertTrue(refused.detail().contains("water heater is still turned up: boiler in the hall"), refused.detail());
        call.change("debt", line, HEATER, HEATER.replace("false", "true"));
        assertEquals(call.close(call.version(), "Nobody at home any more").status(), 200);
    }

    @Test
    public void theWaterInTheMachineIsCountedInPansToCarry() {
        var call = Calls.add(signedIn());
        var standing = call.keep("water-left", "{\"levelCm\": 6, \"vesselLitres\": 4}")
                .body()
                .path("safe")
                .path("standing");
        assertEquals(standing.path("litres").asDouble(), 0.25 * 0.06 * 1000 + 1, 1e-9);
        assertEquals(standing.path("fills").asInt(), 4);
        assertEquals(
                call.keep("water-left", "{\"levelCm\": 90, \"vesselLitres\": 4}")
                        .kind(),
                "invalid");
    }

    @Test
    public void workForLicensedPeopleIsNotEnteredAsDone() {
        var client = signedIn();
        var call = Calls.on(client, UUID.randomUUID());
        var dryer = Calls.machine(UUID.randomUUID(), "tumble-dryer", "Corvanne", "vented", "gas");
        var begun = call.send(Calls.begin(Calls.DAY, "No heat, smells of gas", "Tess Orrin", dryer));
        assertEquals(begun.status(), 200);
        var refused = call.enter("REMEDY", "gas-licensed", "done");
        assertEquals(refused.kind(), "licensed");
        assertTrue(refused.detail().contains("gas fitter"), refused.detail());
    }

    @Test
    public void aFailedProofBeginsAnewAndTheTrayStaysAsItIs() {
        var call = Calls.add(signedIn());
        var done =
                call.enter("REMEDY", "rinse-valve", "done").body().path("story").path(0);
        call.keep(
                "proof-run", "{\"proof\": \"drains\", \"before\": 1.5, \"runs\": 1, \"dry\": [], \"lightOut\": false}");
        call.lay("filter");
        var failed = call.correct(done, "still-failing").body();
        var run = failed.path("job").path("proofs").path(0).path("what");
        assertEquals(run.path("runs").asInt(), 0);
        assertEquals(run.path("before").asDouble(), 1.5, "what was measured before the cure stays");
        assertEquals(failed.path("job").path("pieces").size(), 1);
        assertTrue(failed.path("assessment").path("plan").has("next"), "the search goes on");
    }

    @Test
    public void aReturnVisitGoesOnWithEverythingAsItLies() {
        var client = signedIn();
        var call = Calls.add(client);
        call.enter("SYMPTOM", "gritty", "yes");
        assertFalse(call.enter("CHECK", "filter-look", "clogged").body().has("startedAt"), "its day has not come yet");
        call.lay("lower-rack", "filter");
        var later = call.plan(LocalDate.of(2031, 5, 8).toEpochDay(), 11 * 60).body();
        assertEquals(
                later.path("head").path("day").asLong(),
                LocalDate.of(2031, 5, 8).toEpochDay());
        assertEquals(names(later, "pieces", "name"), List.of("Lower rack", "Filter"));
        assertEquals(later.path("story").size(), 2);
        assertEquals(client.get("/api/round/2031-05-08").body().path("calls").size(), 1);
        var standing = call.report().path("standing").asString();
        assertTrue(standing.endsWith("We come back on Thursday 8 May 2031 at 11:00."), standing);
        assertEquals(call.plan(22_000, 24 * 60).kind(), "invalid");
    }

    @Test
    public void aWarrantyCallLeadsBackToTheEarlierOne() {
        var client = signedIn();
        var first = Calls.add(client);
        first.enter("REMEDY", "clean-filter", "done");
        first.close(first.version(), "Nobody at home");
        var seen = first.get().body();
        var machine = seen.path("machine").path("id").asString();
        var earlier = client.get("/api/machines/" + machine + "/calls").body();
        assertEquals(earlier.path(0).path("callId").asString(), "" + first.id());
        assertEquals(earlier.path(0).path("done").path(0).asString(), "Clean the filter");
        var again = Calls.on(client, UUID.randomUUID());
        again.send("""
                        {"kind": "begin", "day": 22438, "plannedAt": 570, "complaint": "Grit again", "upkeep": false,
                         "follows": "%s", "customer": %s, "machine": %s}
                        """.formatted(first.id(), first.held().body().path("customer"), seen.path("machine")));
        assertEquals(again.held().body().path("earlier").path("complaint").asString(), "Does not drain");
    }

    @Test
    public void aJointThatIsOpenedAgainIsWatchedAgain() {
        var call = Calls.add(signedIn());
        var piece = """
                {"id": "own", "name": "Hose", "screws": [], "clips": [], "joint": true, "lastIn": false, "confirm": [], "dryUntil": 0,
                 "place": "%s", "confirmed": []}
                """;
        var line = UUID.randomUUID();
        call.enter("REMEDY", "rinse-valve", "done");
        var unwatched = call.keep("laid", line, piece.formatted("BACK")).body();
        assertTrue(Calls.gaps(unwatched, "PROVE").contains("Not watched for leaks: Hose."));
        var watched = call.keep(
                        "proof-run", "{\"proof\": \"drains\", \"runs\": 1, \"dry\": [\"own\"], \"lightOut\": false}")
                .body();
        assertFalse(Calls.gaps(watched, "PROVE").toString().contains("Hose"));
        call.change("laid", line, piece.formatted("BACK"), piece.formatted("TRAY"));
        var again = call.change("laid", line, piece.formatted("TRAY"), piece.formatted("BACK"))
                .body();
        assertTrue(Calls.gaps(again, "PROVE").contains("Not watched for leaks: Hose."));
    }

    @Test
    public void aLineStaysAboutWhatItIsAbout() {
        var call = Calls.add(signedIn());
        var line = UUID.randomUUID();
        var filter = """
                {"station": "filter", "stuff": "FOOD", "wear": "DIRTY_ONLY", "binned": false}
                """;
        call.keep("condition", line, filter);
        assertEquals(
                call.change("condition", line, filter, filter.replace("filter", "sump"))
                        .kind(),
                "invalid");
        assertEquals(call.keep("debt", line, HEATER).kind(), "invalid");
        assertEquals(call.get().body().path("open").path("wanted").path("").size(), 0);
        assertEquals(
                call.enter("CHECK", "filter-look", "clogged")
                        .body()
                        .path("open")
                        .path("wanted")
                        .path("")
                        .toString(),
                "[\"filter-out\"]");
    }

    @Test
    public void theReportSaysHowMuchCameOutAndWhatWasLookedAtLast() {
        var client = signedIn();
        var call = Calls.add(client);
        call.keep("condition", """
                {"station": "filter", "stuff": "FOOD", "before": 0.2, "after": 1, "wear": "DIRTY_ONLY", "binned": true,
                 "amount": "HANDFUL"}""");
        call.keep("found", "{\"what\": \"coin\", \"count\": 1, \"fate\": \"RETURNED\", \"shape\": \"EATEN_AWAY\"}");
        assertEquals(call.keep("looked-over", "{\"looks\": [\"no-such\"]}").status(), 400);
        call.keep("looked-over", "{\"looks\": [\"sump\", \"outside\"]}");
        var report = call.report().path("sections").toString();
        assertTrue(report.contains("food, a handful, 20% open before"), report);
        assertTrue(report.contains("1 × coin · eaten away"), report);
        assertTrue(report.contains("Looked at before we left") && report.contains("Wipe front and handle"), report);
        var document = client.get(call.path + "/call.json").body();
        assertTrue(document.path("lines").toString().contains("\"kind\":\"looked-over\""));
    }
}
