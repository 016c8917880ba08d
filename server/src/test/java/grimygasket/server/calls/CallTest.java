package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.math.BigDecimal;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.testng.annotations.Test;

public class CallTest extends ServerTest {
    /** Three of it are on the demo's van. */
    private static final String VALVE = "0193a000-0000-7000-8000-000000000308";

    private int valvesOnVan() {
        return jdbc.sql("select on_van from van_stock where part_id = :id")
                .param("id", UUID.fromString(VALVE))
                .query(Integer.class)
                .single();
    }

    @Test
    public void fromComplaintToLoggedPart() {
        var call = Calls.add(signedIn());
        var seen = call.enter("SIGN", "water-returns", "yes").body();
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
        assertEquals(used.path("partsTotal").decimalValue().compareTo(new BigDecimal("7.40")), 0);
        assertEquals(valvesOnVan(), before - 1);
        var remedy = used.path("entries").path(2);
        var cured = call.correct(
                remedy.path("id").asString(), "cured", remedy.path("version").asInt());
        assertFalse(cured.body().path("assessment").path("plan").has("next"));
        call.describe(use.toString(), "", "BINNED");
        call.keep("conditions", """
                {"station": "return-valve", "stuff": "GRIT", "wear": "WORN", "binned": true}
                """);
        call.keep("proofs", """
                {"proof": "drains", "runs": 2, "dry": [], "lightOut": false}
                """);
        call.rebuild();
        var closed = call.close(call.version(), "");
        assertEquals(closed.status(), 200);
        assertTrue(closed.body().has("closedAt"));
        assertEquals(
                closed.body()
                        .path("ring")
                        .valueStream()
                        .filter(s -> s.path("sealed").asBoolean())
                        .count(),
                8);

        assertEquals(call.enter("SIGN", "smell", "yes").kind(), "closed", "a closed call stays as it is");
        assertFalse(call.reopen().body().has("closedAt"));
        assertEquals(call.putBack(use).status(), 200);
        assertEquals(valvesOnVan(), before);
    }

    @Test
    public void aRepeatedRequestDoesNothingTwice() {
        var client = signedIn();
        var path = "/api/calls/" + UUID.randomUUID();
        var body = Calls.body("Twice", "Tess Orrin", "Corvanne");
        assertEquals(client.put(path, body).status(), 200);
        assertEquals(client.put(path, body).body().path("complaint").asString(), "Twice");

        var call = Calls.add(client);
        var entry = UUID.randomUUID();
        call.enter(entry, "SIGN", "smell", "yes");
        assertEquals(
                call.enter(entry, "SIGN", "smell", "yes").body().path("entries").size(), 1);

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
        assertEquals(there.enter("SIGN", "smell", "yes").body().path("entries").size(), 2, "different things add up");

        var stale = there.enter("CHECK", "air-gap-cap", "blocked");
        assertEquals(stale.status(), 409);
        assertEquals(stale.kind(), "stale");
        var theirs = stale.body().path("theirs");
        assertEquals(theirs.path("answer").asString(), "clear");

        var id = theirs.path("id").asString();
        assertEquals(there.correct(id, "blocked", 1).status(), 200);
        assertEquals(here.correct(id, "clear", 1).kind(), "stale", "the first screen's version is old now");
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
        call.enter("SIGN", "smell", "yes");
        assertEquals(call.close(seen, "left open").kind(), "stale");
        assertEquals(call.close(call.version(), "left open").status(), 200);
    }

    @Test
    public void gapsNeedAReason() {
        var call = Calls.add(signedIn());
        var refused = call.close(call.version(), " ");
        assertEquals(refused.kind(), "gaps");
        assertTrue(refused.body().path("gaps").size() >= 3);
        var closed = call.close(call.version(), "Nobody at home");
        assertEquals(closed.body().path("signOff").asString(), "Nobody at home");
    }

    @Test
    public void codesAreThoseOfTheMaker() {
        var call = Calls.add(signedIn());
        var unknown = call.enter("CODE", "E99", "shown");
        assertEquals(unknown.status(), 200, "it is kept as it was read");
        assertEquals(unknown.body().path("entries").path(0).path("subject").asString(), "E99", unknown.toString());
        assertEquals(
                call.enter("CODE", "D4", "shown")
                        .body()
                        .path("entries")
                        .path(1)
                        .path("subject")
                        .asString(),
                "d4",
                "as the table writes it");

        var client = signedIn();
        var path = "/api/calls/" + UUID.randomUUID();
        client.put(path, Calls.body("Code", "Tess Orrin", "Nomake"));
        var noTable = client.post(
                path + "/entries",
                "{\"id\": \"%s\", \"kind\": \"CODE\", \"subject\": \"d4\", \"answer\": \"shown\"}"
                        .formatted(UUID.randomUUID()));
        assertEquals(noTable.status(), 200, "nor is one lost that is of a maker without a table");
    }

    @Test
    public void noMorePartsThanTheVanHas() {
        var call = Calls.add(signedIn());
        int before = valvesOnVan();
        var answer = call.usePart(UUID.randomUUID(), "replace-valve", VALVE, before + 1);
        assertEquals(answer.kind(), "out-of-stock");
        assertEquals(answer.body().path("onVan").asInt(), before);
        assertTrue(answer.detail().contains("Only " + before + " of RV-20"), answer.detail());
        assertEquals(valvesOnVan(), before);
        assertEquals(call.get().body().path("partUses").size(), 0);
        assertEquals(call.usePart(UUID.randomUUID(), "replace-valve", VALVE, 0).kind(), "invalid");
        // Known to the catalogue, never loaded on this van.
        assertEquals(
                call.usePart(UUID.randomUUID(), "replace-drain-pump", "0193a000-0000-7000-8000-000000000303", 1)
                        .kind(),
                "out-of-stock");
    }

    @Test
    public void anAnswerMustBeOneOfThoseShown() {
        var call = Calls.add(signedIn());
        assertEquals(call.enter("CHECK", "air-gap-cap", "purple").kind(), "invalid");
        assertEquals(call.enter("SIGN", "no-such-sign", "yes").kind(), "invalid");
        assertEquals(call.enter("REMEDY", "clean-filter", "perhaps").kind(), "invalid");
    }

    @Test
    public void everyFieldAtFaultIsNamed() {
        var answer = signedIn().put("/api/calls/" + UUID.randomUUID(), Calls.body("", "", ""));
        assertEquals(answer.status(), 400);
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
        var empty = client.post(
                call.path + "/part-uses",
                "{\"id\": \"%s\", \"remedy\": \"replace-valve\", \"partId\": \"%s\", \"used\": \"\"}"
                        .formatted(UUID.randomUUID(), VALVE));
        assertEquals(empty.kind(), "invalid");
        assertFalse(empty.detail().isBlank());
        assertEquals(client.get("/api/calls/mistyped").kind(), "not-found");
        assertEquals(client.get("/api/round/someday").kind(), "not-found");
    }

    @Test
    public void aCallOfSomebodyElseIsNotThere() {
        assertEquals(signedIn().get("/api/calls/" + UUID.randomUUID()).kind(), "not-found");
    }
}
