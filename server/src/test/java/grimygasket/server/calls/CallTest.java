package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.Statements;
import java.math.BigDecimal;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class CallTest extends ServerTest {
    /** Three of it are on the demo's van. */
    private static final String VALVE = "0193a000-0000-7000-8000-000000000308";

    private int valvesOnVan() {
        return jdbc.sql("select on_van from van_stock where part_id = :id and account_id = :van")
                .param("id", UUID.fromString(VALVE))
                .param("van", UUID.fromString("0193a000-0000-7000-8000-000000000001"))
                .query(Integer.class)
                .single();
    }

    @Test
    public void fromComplaintToLoggedPart() {
        var call = Calls.add(signedIn());
        var seen = call.enter("SYMPTOM", "water-returns", "yes").body();
        assertEquals(
                seen.path("assessment").path("ranking").path(0).path("fault").asString(), "valve-open");
        call.enter("CHECK", "valve-ball", "open");
        call.enter("REMEDY", "replace-valve", "done");
        assertEquals(
                call.get()
                        .body()
                        .path("assessment")
                        .path("plan")
                        .path("next")
                        .path("kind")
                        .asString(),
                "PROVE");
        Stream.of("glass", "shock", "tips").forEach(call::keepCaution);
        call.lay("lower-rack", "filter", "cover");
        int before = valvesOnVan();
        var use = UUID.randomUUID();
        var used = call.usePart(use, "replace-valve", VALVE, 1).body();
        assertEquals(used.path("handOver").path("partsTotal").decimalValue().compareTo(new BigDecimal("7.40")), 0);
        assertEquals(valvesOnVan(), before - 1);
        var remedy = used.path("story").path(2);
        assertEquals(call.correct(remedy, "cured").kind(), "invalid", "its cover is on the tray");
        call.rebuild();
        var cured = call.correct(remedy, "cured");
        assertFalse(cured.body().path("assessment").path("plan").has("next"));
        call.describe(use.toString(), "", "BINNED");
        call.keep("condition", """
                {"station": "return-valve", "stuff": "GRIT", "wear": "WORN", "binned": true}
                """);
        call.keep("proof-run", """
                {"proof": "drains", "runs": 2, "dry": [], "lightOut": false}
                """);
        var closed = call.close(call.version(), "");
        assertEquals(closed.status(), 200);
        assertTrue(closed.body().path("head").has("closing"));
        assertEquals(
                closed.body()
                        .path("ring")
                        .valueStream()
                        .filter(s -> s.path("gaps").isEmpty())
                        .count(),
                8);

        assertEquals(call.enter("SYMPTOM", "smell", "yes").kind(), "closed", "a closed call stays as it is");
        assertFalse(call.reopen().body().path("head").has("closing"));
        assertEquals(call.putBack(use).status(), 200);
        assertEquals(valvesOnVan(), before);
    }

    @Test
    public void aRepeatedRequestDoesNothingTwice() {
        var client = signedIn();
        var twice = Calls.on(client, UUID.randomUUID());
        var begin = UUID.randomUUID();
        var change = Calls.begin("Twice", "Tess Orrin", "Corvanne");
        assertEquals(twice.send(begin, change).status(), 200);
        assertEquals(twice.send(begin, change).body().path("complaint").asString(), "Twice");
        assertEquals(twice.send(change).body().path("head").path("version").asInt(), 1, "it has begun");

        var call = Calls.add(client);
        var entry = UUID.randomUUID();
        call.enter(entry, "SYMPTOM", "smell", "yes");
        assertEquals(
                call.enter(entry, "SYMPTOM", "smell", "yes")
                        .body()
                        .path("story")
                        .size(),
                1);

        int before = valvesOnVan();
        var use = UUID.randomUUID();
        call.usePart(use, "replace-valve", VALVE, 1);
        assertEquals(call.usePart(use, "replace-valve", VALVE, 1).status(), 200);
        assertEquals(valvesOnVan(), before - 1);
        call.putBack(use);
        assertEquals(call.putBack(use).status(), 200);
        assertEquals(valvesOnVan(), before);
    }

    @Test
    public void twoScreensNeitherOverwriteNorLoseAnEntry() {
        var here = Calls.add(signedIn());
        var there = here.seenBy(signedIn());
        here.enter("CHECK", "air-gap-cap", "clear");
        assertEquals(there.enter("SYMPTOM", "smell", "yes").body().path("story").size(), 2, "different things add up");

        var stale = there.enter("CHECK", "air-gap-cap", "blocked");
        assertEquals(stale.status(), 409);
        assertEquals(stale.kind(), "stale");
        var theirs = stale.body().path("theirs");
        assertEquals(theirs.path("finding").path("outcome").asString(), "clear");

        var id = theirs.path("id").asString();
        assertEquals(there.correct(theirs, "blocked", 1).status(), 200);
        assertEquals(here.correct(theirs, "clear", 1).kind(), "stale", "the first screen's version is old now");
        assertEquals(here.takeBack(id, 1).kind(), "stale");
        assertEquals(here.takeBack(id, 2).status(), 200);
        assertEquals(here.takeBack(id, 2).status(), 200, "gone is gone");
    }

    @Test
    public void partsGoBackToTheVanThatTheyCameFrom() {
        var maren = Calls.add(signedIn());
        int before = valvesOnVan();
        var use = UUID.randomUUID();
        maren.usePart(use, "replace-valve", VALVE, 1);
        assertEquals(maren.seenBy(signedIn("rollo")).putBack(use).status(), 200);
        assertEquals(valvesOnVan(), before);
    }

    @Test
    public void aCallThatMovedOnIsNotClosedUnseen() {
        var call = Calls.add(signedIn());
        int seen = call.version();
        call.seenBy(signedIn("rollo")).enter("SYMPTOM", "smell", "yes");
        assertEquals(call.close(seen, "left open").kind(), "stale", "somebody else has changed it");
        int looked = call.version();
        call.enter("SYMPTOM", "gritty", "yes");
        assertEquals(call.close(looked, "left open").status(), 200, "one's own changes are known to oneself");
    }

    @Test
    public void gapsNeedAReason() {
        var call = Calls.add(signedIn());
        var refused = call.close(call.version(), " ");
        assertEquals(refused.kind(), "gaps");
        assertTrue(refused.body().path("gaps").size() >= 3);
        var closed = call.close(call.version(), "Nobody at home");
        assertEquals(closed.body().path("head").path("closing").path("signOff").asString(), "Nobody at home");
    }

    @Test
    public void codesAreThoseOfTheMaker() {
        var call = Calls.add(signedIn());
        var unknown = call.enter("CODE", "E99", "shown");
        assertEquals(unknown.status(), 200, "it is kept as it was read");
        assertEquals(
                unknown.body()
                        .path("story")
                        .path(0)
                        .path("finding")
                        .path("shown")
                        .asString(),
                "E99",
                unknown.toString());
        assertEquals(
                call.enter("CODE", "D4", "shown")
                        .body()
                        .path("story")
                        .path(1)
                        .path("finding")
                        .path("shown")
                        .asString(),
                "d4",
                "as the table writes it");

        var client = signedIn();
        var nomake = Calls.on(client, UUID.randomUUID());
        nomake.send(Calls.begin("Code", "Tess Orrin", "Nomake"));
        var noTable = nomake.enter("CODE", "d4", "shown");
        assertEquals(noTable.status(), 200, "nor is one lost that is of a maker without a table");
    }

    private static Answer counted(Client client, int onVan) {
        return client.post(
                "/api/parts/" + VALVE + "/moves",
                "{\"id\": \"%s\", \"reason\": \"COUNTED\", \"count\": %d, \"van\": \"%s\"}"
                        .formatted(
                                UUID.randomUUID(),
                                onVan,
                                client.get("/api/session").body().path("id").asString()));
    }

    @Test
    public void whatWasUsedWasUsedAndTheVanAsksForARecount() {
        var client = signedIn();
        var call = Calls.add(client);
        int before = valvesOnVan();
        var use = UUID.randomUUID();
        var used = call.usePart(use, "replace-valve", VALVE, before + 1);
        assertEquals(used.status(), 200);
        assertEquals(valvesOnVan(), -1);
        assertEquals(counted(client, 5).status(), 200);
        assertEquals(valvesOnVan(), 5, "counted again");
        call.putBack(use);
        counted(client, before);
        assertEquals(counted(client, -2).kind(), "invalid");
        assertEquals(call.usePart(UUID.randomUUID(), "replace-valve", VALVE, 0).kind(), "invalid");
        assertEquals(
                call.usePart(UUID.randomUUID(), "replace-valve", "" + UUID.randomUUID(), 1)
                        .kind(),
                "invalid");
    }

    @Test
    public void anAnswerMustBeOneOfThoseShown() {
        var call = Calls.add(signedIn());
        assertEquals(call.enter("CHECK", "air-gap-cap", "purple").kind(), "invalid");
        assertEquals(call.enter("SYMPTOM", "no-such-symptom", "yes").kind(), "invalid");
        assertEquals(call.enter("REMEDY", "clean-filter", "perhaps").kind(), "invalid");
    }

    @Test
    public void everyFieldAtFaultIsNamed() {
        var call = Calls.on(signedIn(), UUID.randomUUID());
        var begin = UUID.randomUUID();
        var change = Calls.begin("", "", "");
        var answer = call.send(begin, change);
        assertEquals(answer.status(), 400);
        assertEquals(call.send(begin, change).body(), answer.body(), "a repeat gets what became of it");
        assertEquals(call.get().kind(), "not-found");
        assertEquals(
                Set.copyOf(answer.body().path("fields").propertyNames()),
                Set.of("complaint", "customer.name", "machine.maker"));
    }

    @Test
    public void whatIsFittedChangesTheSuspects() {
        var call = Calls.add(signedIn());
        var with = call.get().body();
        assertTrue(with.path("assessment").path("ranking").toString().contains("air-gap-blocked"));
        var without = call.fit(1, "").body();
        assertFalse(without.path("assessment").path("ranking").toString().contains("air-gap-blocked"));
        var stale = call.fit(1, "\"disposer\"");
        assertEquals(stale.kind(), "stale");
        assertEquals(call.fit(2, "\"disposer\", \"disposer\"").status(), 200);
        assertEquals(call.fit(3, "\"wings\"").kind(), "invalid");
    }

    @Test
    public void whatCannotBeReadIsSaidInWords() {
        var client = signedIn();
        var call = Calls.add(client);
        var empty =
                call.send("{\"kind\": \"use-part\", \"remedy\": \"replace-valve\", \"part\": \"%s\", \"used\": \"\"}"
                        .formatted(VALVE));
        assertEquals(empty.kind(), "invalid");
        assertFalse(empty.detail().isBlank());
        assertEquals(client.get("/api/calls/mistyped").kind(), "not-found");
        assertEquals(client.get("/api/round/someday").kind(), "not-found");
    }

    @Test
    public void aCallOfSomebodyElseIsNotThere() {
        assertEquals(
                signedIn().get("/api/calls/" + UUID.randomUUID() + "/state").kind(), "not-found");
    }

    private static String symptom(String id) {
        return "{\"kind\": \"settle\", \"finding\": %s}".formatted(Calls.finding("SYMPTOM", id, "yes"));
    }

    @Test
    public void aDeviceIsToldTheVersionOfTheCallThatItsCommandMade() {
        var client = signedIn();
        var call = Calls.add(client);
        int before = call.get().body().path("head").path("version").asInt();
        var taken = call.sendOnly(UUID.randomUUID(), System.currentTimeMillis(), symptom("smell"));
        assertEquals(
                json.convertValue(taken.body(), Map.class),
                Map.of("call", call.id().toString(), "version", before + 1));
    }

    @Test
    public void anEntryTakesFewStatementsAndReadingWritesNothing() {
        var client = signedIn();
        var call = Calls.add(client);
        var answers = Stream.of("smell", "gritty", "rattle").iterator();
        var statements = new Statements(jdbc);
        long entry = statements.of(
                () -> call.sendOnly(UUID.randomUUID(), System.currentTimeMillis(), symptom(answers.next())));
        assertTrue(entry <= 8, entry + " statements");
        assertEquals(statements.writes(call::get), 0);
        assertEquals(statements.writes(() -> client.get("/api/round")), 0);
    }

    @Test
    public void theServerSaysOfACallWhatTheCoreOfThePageSays() {
        var client = signedIn();
        var call = Calls.add(client);
        call.enter("SYMPTOM", "gritty", "yes");
        call.lay("lower-rack", "filter");
        long now = System.currentTimeMillis();
        var said = client.get(call.path + "/state?at=" + now).response().body();
        assertEquals(said, OnDevice.state(client, call.id(), now));
    }

    @Test
    public void aCallIsGivenAwayPutRightAndCancelled() {
        var client = signedIn();
        var call = Calls.add(client);
        var machine = call.get().body().path("machine");
        var read = plate("Ostrelle", "Lagoon", "LG-7781", "Scullery");
        call.send("{\"kind\": \"describe\", \"plate\": %s, \"was\": %s}".formatted(read, plateOf(machine)));
        assertEquals(call.get().body().path("machine").path("serial").asString(), "LG-7781");
        assertEquals(client.get("/api/customers?search=lg+7781").body().size(), 1, "found by what was put right");

        var mine = call.get().body().path("head").path("accountId").asString();
        var rollo = client.get("/api/colleagues")
                .body()
                .valueStream()
                .filter(one -> one.path("login").asString().equals("rollo"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        var give = "{\"kind\": \"assign\", \"from\": \"%s\", \"to\": \"%s\"}";
        assertEquals(
                call.send(give.formatted(mine, UUID.randomUUID())).detail(),
                "Nobody by that name works here now. Choose somebody else.");
        call.send(give.formatted(mine, rollo));
        assertEquals(call.get().body().path("head").path("accountId").asString(), rollo);

        call.send("{\"kind\": \"cancel\", \"reason\": \"Entered twice\"}");
        var closing = call.get().body().path("head").path("closing");
        assertTrue(closing.path("cancelled").asBoolean());
        assertEquals(closing.path("signOff").asString(), "Entered twice");
        assertEquals(
                OnDevice.report(client, call.id()).path("standing").asString(),
                "The call was cancelled, and nothing was done.");
    }

    private static String plateOf(JsonNode machine) {
        return plate(
                machine.path("maker").asString(),
                machine.path("model").asString(),
                machine.path("serial").asString(),
                machine.path("place").asString());
    }

    private static String plate(String maker, String model, String serial, String place) {
        return "{\"maker\": \"%s\", \"model\": \"%s\", \"serial\": \"%s\", \"place\": \"%s\"}"
                .formatted(maker, model, serial, place);
    }
}
