package grimygasket.server.board;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import biweekly.Biweekly;
import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Everybody's day, and a plan for it. */
public class BoardTest extends ServerTest {
    private static final String MAREN = "0193a000-0000-7000-8000-000000000001";
    private static final String ROLLO = "0193a000-0000-7000-8000-000000000002";
    private static final String EBBA = "0193a000-0000-7000-8000-000000000005";
    private static final String NOBODY = "00000000-0000-0000-0000-000000000000";

    @BeforeMethod
    void nobodysCallsAreThoseOfTheTest() {
        jdbc.sql("update service_call set account_id = :ebba where account_id = :nobody")
                .param("ebba", UUID.fromString(EBBA))
                .param("nobody", UUID.fromString(NOBODY))
                .update();
    }

    private static Calls begun(Client client, LocalDate day, double latitude, int from, int until) {
        var call = Calls.on(client, UUID.randomUUID());
        var machine = Calls.machine(UUID.randomUUID(), "dishwasher", "Corvanne", "return-valve");
        var begin = Calls.begin(day, "Does not drain", "Tess Orrin", machine)
                .replace(
                        "\"phone\": \"\"",
                        "\"phone\": \"\", \"at\": {\"latitude\": %s, \"longitude\": 2.0}".formatted(latitude))
                .replace("\"upkeep\"", "\"promised\": {\"from\": %d, \"until\": %d}, \"upkeep\"".formatted(from, until))
                .replace("\"plannedAt\": 570", "\"plannedAt\": " + from);
        assertEquals(call.send(begin).status(), 200);
        return call;
    }

    private static void give(Calls call, String from, String to) {
        var given = call.send("{\"kind\": \"assign\", \"from\": \"%s\", \"to\": \"%s\"}".formatted(from, to));
        assertEquals(given.status(), 200, given.detail());
    }

    private static JsonNode lane(JsonNode board, String account) {
        return board.path("lanes")
                .valueStream()
                .filter(lane -> lane.path("account").asString().equals(account))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> ids(JsonNode calls) {
        return calls.valueStream().map(call -> call.path("id").asString()).toList();
    }

    @Test
    public void aCallIsNobodysUntilSomebodyHasIt() {
        var lead = signedIn();
        var day = LocalDate.of(2031, 9, 1);
        var call = begun(lead, day, 54.01, 540, 600);
        give(call, MAREN, NOBODY);
        var board = lead.get("/api/board/" + day).body();
        assertEquals(ids(board.path("nobody")), List.of(call.id().toString()));
        assertTrue(ids(lane(board, MAREN).path("calls")).isEmpty());
        var rollo = call.seenBy(signedIn("rollo"));
        var refused = rollo.send("{\"kind\": \"assign\", \"from\": \"%s\", \"to\": \"%s\"}".formatted(NOBODY, MAREN));
        assertTrue(
                refused.detail().contains("not yours to give"), "a technician takes it, and gives it to nobody else");
        give(rollo, NOBODY, ROLLO);
        var own = signedIn("rollo").get("/api/board/" + day).body();
        assertEquals(own.path("lanes").size(), 1, "a technician sees their own");
        var lane = lane(own, ROLLO);
        assertEquals(ids(lane.path("calls")), List.of(call.id().toString()));
        var arrival = lane.path("plan").path("expected").path("arrivals").path(0);
        assertEquals(arrival.path("begins").asDouble(), 540.0, 1, "not before it was promised");
        assertEquals(signedIn("rollo").post("/api/board/" + day + "/plan", "{}").kind(), "not-yours");
    }

    @Test
    public void aPlanGivesOutWhatNobodyHasAndSaysWhatItSaves() {
        var lead = signedIn();
        var day = LocalDate.of(2031, 9, 2);
        var early = begun(lead, day, 54.03, 480, 540);
        var far = begun(lead, day, 54.25, 480, 540);
        var free = begun(lead, day, 54.031, 600, 720);
        give(free, MAREN, NOBODY);
        var plan = lead.post("/api/board/" + day + "/plan", "{}").body();
        assertEquals(plan.path("before").path("unplanned").asInt(), 1);
        assertEquals(plan.path("after").path("unplanned").asInt(), 0);
        assertTrue(
                plan.path("after").path("late").asDouble()
                        < plan.path("before").path("late").asDouble() - 20,
                "two homes far apart at the same time are no longer one technician's");
        var moved = plan.path("moves")
                .valueStream()
                .filter(move ->
                        !move.path("from").asString().equals(move.path("to").asString()))
                .toList();
        assertTrue(moved.stream()
                .anyMatch(move -> move.path("call").asString().equals(free.id().toString())));
        assertTrue(
                moved.stream()
                        .filter(move -> !move.path("from").asString().equals(NOBODY))
                        .allMatch(move -> move.path("saves").asDouble() > 0),
                "whoever loses a call is told what that saves");
        for (var move : plan.path("moves")) {
            var call = List.of(early, far, free).stream()
                    .filter(one -> one.id().toString().equals(move.path("call").asString()))
                    .findFirst()
                    .orElseThrow();
            if (!move.path("from").equals(move.path("to"))) {
                give(call, move.path("from").asString(), move.path("to").asString());
            }
            var change = """
                    {"kind": "move", "fromDay": %s, "fromMinute": %s, "day": %d, "plannedAt": %s, "promised": %s}
                    """.formatted(
                            move.path("fromDay"),
                            move.path("fromMinute"),
                            day.toEpochDay(),
                            move.path("plannedAt"),
                            move.path("promised"));
            assertEquals(call.send(change).status(), 200);
        }
        var again = lead.post("/api/board/" + day + "/plan", "{}").body();
        assertEquals(
                again.path("moves")
                        .valueStream()
                        .filter(move -> !move.path("from").equals(move.path("to")))
                        .count(),
                0,
                "what was taken is as good as it gets: " + again);
    }

    @Test
    public void aDayThatIsOverIsNotPlanned() {
        var refused = signedIn().post("/api/board/2026-01-05/plan", "{}");
        assertEquals(refused.kind(), "invalid");
        assertTrue(refused.detail().contains("over"), refused.detail());
    }

    @Test
    public void anOrderThatSavesIsProposedOnTheRound() {
        var client = signedIn("rollo");
        var day = LocalDate.of(2031, 9, 3);
        begun(client, day, 54.01, 480, 960);
        begun(client, day, 54.2, 485, 960);
        begun(client, day, 54.011, 490, 960);
        var round = client.get("/api/round/" + day).body();
        var better = round.path("plan").path("better");
        assertFalse(better.isMissingNode(), round.path("plan").toString());
        assertTrue(better.path("saves").asDouble() > 5);
        assertEquals(better.path("visits").size(), 3);
        assertEquals(
                better.path("visits")
                        .valueStream()
                        .map(one -> one.path("plannedAt").asInt())
                        .sorted()
                        .distinct()
                        .count(),
                3);
    }

    @Test
    public void aRoundIsHadAtASecretAddressThatCanBeRenewed() {
        var client = signedIn("rollo");
        var today = LocalDate.now();
        var call = begun(client, today.plusDays(2), 54.01, 540, 660);
        assertFalse(client.get("/api/session/calendar").body().path("on").asBoolean());
        var path = client.post("/api/session/calendar", "").body().path("path").asString();
        var program = client();
        var events = Biweekly.parse(program.get(path).response().body()).first().getEvents();
        var event = events.stream()
                .filter(one -> one.getUid().getValue().equals(call.id().toString()))
                .findFirst()
                .orElseThrow();
        assertEquals(event.getSummary().getValue(), "Does not drain, Tess Orrin");
        assertTrue(event.getDuration().getValue().toMillis() >= 15 * 60_000);
        var renewed =
                client.post("/api/session/calendar", "").body().path("path").asString();
        assertEquals(program.get(path).kind(), "not-found", "the old address leads nowhere");
        assertEquals(program.get(renewed).status(), 200);
        assertEquals(client.delete("/api/session/calendar").status(), 204);
        assertEquals(program.get(renewed).kind(), "not-found");
    }

    @Test
    public void whatToLoadNamesBitsMetersAndAgents() {
        var client = signedIn("rollo");
        var day = LocalDate.of(2031, 9, 5);
        begun(client, day, 54.01, 540, 660);
        begun(client, day, 54.02, 660, 720);
        var things = client.get("/api/round/" + day).body().path("things");
        assertTrue(things.size() > 3, things.toString());
        var torch = things.valueStream()
                .filter(one -> one.path("name").asString().equals("torch"))
                .findFirst()
                .orElseThrow();
        assertEquals(torch.path("calls").asInt(), 2);
        assertEquals(torch.path("sort").asString(), "TOOL");
    }

    @Test
    public void whatWasPromisedStaysWhenTheTimeMovesAndNonsenseIsRefused() {
        var client = signedIn();
        var day = LocalDate.of(2031, 9, 4);
        var call = begun(client, day, 54.01, 540, 660);
        var move =
                "{\"kind\": \"move\", \"fromDay\": %d, \"fromMinute\": 540, \"day\": %d, \"plannedAt\": 600, \"promised\": {\"from\": %d, \"until\": 660}}";
        assertEquals(
                call.send(move.formatted(day.toEpochDay(), day.toEpochDay(), 700))
                        .kind(),
                "invalid");
        var head = call.send(move.formatted(day.toEpochDay(), day.toEpochDay(), 540))
                .body()
                .path("head");
        assertEquals(head.path("plannedAt").asInt(), 600);
        assertEquals(head.path("promised").path("until").asInt(), 660);
    }
}
