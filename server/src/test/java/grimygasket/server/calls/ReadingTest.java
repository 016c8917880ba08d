package grimygasket.server.calls;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.util.UUID;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Readings on a call: evidence, with a value, an uncertainty and a unit. */
public class ReadingTest extends ServerTest {
    private static Answer measure(Calls call, String check, String text, String unit) {
        return call.measure(UUID.randomUUID(), check, "{\"text\": \"%s\", \"unit\": \"%s\"}".formatted(text, unit));
    }

    private static double chance(JsonNode call, String fault) {
        for (var suspect : call.path("assessment").path("ranking")) {
            if (suspect.path("fault").asString().equals(fault)) {
                return suspect.path("chance").asDouble();
            }
        }
        throw new AssertionError(fault);
    }

    @Test
    public void aReadingMovesTheRankingAndIsSaidInWords() {
        var client = signedIn();
        var call = Calls.add(client);
        var before = call.enter("SYMPTOM", "greasy", "yes").body();
        assertEquals(
                before.path("find")
                        .path("measures")
                        .path("supply-temperature")
                        .path("sound")
                        .asString(),
                "47.7 to 60.3 °C");
        var after = measure(call, "supply-temperature", "38", "°C").body();
        assertTrue(chance(after, "supply-cool") > chance(before, "supply-cool") + 0.2);
        var entry = after.path("story").path(1);
        assertEquals(entry.path("finding").path("reading").path("value").asDouble(), 38.0);
        var judged = after.path("find").path("readings").path(entry.path("id").asString());
        assertEquals(judged.path("says").asString(), "38 °C; sound ones read 47.7 to 60.3 °C");
        assertEquals(judged.path("verdict").asString(), "BAD");
        assertTrue(call.report().toString().contains("38 °C; sound ones read"));
    }

    @Test
    public void aReadingInTheOtherUnitIsTheSame() {
        var client = signedIn();
        var call = Calls.add(client);
        var answer = measure(call, "supply-temperature", "120", "°F");
        assertEquals(
                answer.body()
                        .path("story")
                        .path(0)
                        .path("finding")
                        .path("reading")
                        .path("value")
                        .asDouble(),
                48.888,
                0.001);
    }

    @Test
    public void nonsenseIsRefusedWithASentenceAndNothingIsKept() {
        var client = signedIn();
        var call = Calls.add(client);
        var hot = measure(call, "supply-temperature", "900", "°F");
        assertEquals(hot.status(), 400);
        assertEquals(
                hot.body().path("fields").path("reading").asString(),
                "Hot tap after a minute lies between −22 and 302 °F, so 900 °F is a slip of the finger, or of the unit.");
        assertTrue(measure(call, "supply-temperature", "38,5", "°C").detail().contains("Write “38.5”"));
        assertEquals(call.enter("CHECK", "supply-temperature", "measured").status(), 400);
        assertEquals(measure(call, "filter-look", "3", "").status(), 400, "nothing is measured there");
        assertEquals(call.get().body().path("story").size(), 0);
    }

    @Test
    public void aCheckIsReadOrLookedAtOnce() {
        var client = signedIn();
        var call = Calls.add(client);
        var first = measure(call, "supply-temperature", "38", "°C").body();
        assertEquals(measure(call, "supply-temperature", "38", "°C").status(), 200, "the same again");
        assertEquals(measure(call, "supply-temperature", "51", "°C").kind(), "stale");
        assertEquals(call.enter("CHECK", "supply-temperature", "hot").kind(), "stale");
        var id = first.path("story").path(0).path("id").asString();
        var corrected = call.send(
                "{\"kind\": \"retake-reading\", \"entry\": \"%s\", \"base\": 1, \"typed\": {\"text\": \"51\"}, \"units\": \"METRIC\"}"
                        .formatted(id));
        assertEquals(
                corrected
                        .body()
                        .path("story")
                        .path(0)
                        .path("finding")
                        .path("reading")
                        .path("value")
                        .asDouble(),
                51.0);
        var byEye = call.correct(first.path("story").path(0), "hot", 2).body();
        assertFalse(byEye.path("story").path(0).path("finding").has("reading"));
        assertFalse(byEye.path("find").path("readings").has(id));
    }

    @Test
    public void aReadingThatWasEnteredBeforeANewVersionIsTakenOnce() {
        var client = signedIn();
        var call = Calls.add(client);
        var id = UUID.randomUUID();
        var change = """
                {"kind": "take-reading", "check": "supply-temperature", "units": "METRIC",
                 "typed": {"text": "38", "%s": 0.5}}""";
        var before = call.send(id, change.formatted("spread")).body();
        var reading = before.path("story").path(0).path("finding").path("reading");
        assertEquals(reading.path("standardUncertainty").asDouble(), 0.5, 1e-12);
        var again = call.send(id, change.formatted("standardUncertainty"));
        assertEquals(again.status(), 200, "the same under today's name");
        assertEquals(again.body().path("story").size(), 1);
    }

    @Test
    public void aMeasuredOpeningStandsAtItsStation() {
        var client = signedIn();
        var call = Calls.add(client);
        var answer = measure(call, "inlet-look", "30", "%");
        assertEquals(
                answer.body().path("find").path("openings").path("inlet-screen").asDouble(), 0.3, 1e-12);
    }

    @Test
    public void whatWasReadBeforeTheCureIsTheProofsBefore() {
        var client = signedIn();
        var call = Calls.add(client);
        var read = measure(call, "bucket", "4.2", "L/min").body();
        assertEquals(read.path("find").path("flows").path("drain-hose").asDouble(), 4.2 / 14.01, 1e-3);
        var answer = call.enter("REMEDY", "clear-hose", "done").body();
        assertEquals(answer.path("prove").path("measuredBefore").path("drains").asDouble(), 4.2, 1e-12);
        call.keep("proof-run", "{\"proof\": \"drains\", \"after\": 4, \"runs\": 2, \"dry\": [], \"lightOut\": false}");
        var remedy = call.get().body().path("story").path(1);
        var cured = call.correct(remedy, "cured").body();
        assertTrue(
                cured.path("handOver")
                        .path("gaps")
                        .toString()
                        .contains("no better than before, 4.2 L/min then and 4 L/min now"),
                cured.path("handOver").path("gaps").toString());
    }

    @Test
    public void aMachinesDataAreKeptAndRefusedOneByOne() {
        var client = signedIn();
        var call = Calls.add(client);
        var answer = call.rate("{\"DRAIN_LIFT\": \"1.2\"}", "METRIC");
        assertEquals(
                answer.body().path("machine").path("ratings").path("DRAIN_LIFT").asDouble(), 1.2);
        assertTrue(answer.body()
                .path("find")
                .path("measures")
                .path("bucket")
                .path("sound")
                .asString()
                .contains("L/min"));
        var refused = call.rate("{\"DRAIN_LIFT\": \"9\", \"HOSE_BORE\": \"wide\"}", "METRIC");
        assertEquals(refused.status(), 400);
        assertEquals(refused.body().path("fields").size(), 2);
        var machine = call.rate("{\"DRAIN_LIFT\": \"\"}", "METRIC").body();
        assertFalse(machine.path("machine").path("ratings").has("DRAIN_LIFT"));
    }

    @Test
    public void aCallsFileHoldsItsReadings() {
        var client = signedIn();
        var call = Calls.add(client);
        measure(call, "supply-temperature", "38", "°C");
        call.rate("{\"DRAIN_LIFT\": \"1.2\"}", "METRIC");
        var document = client.get(call.path + "/call.json").body();
        assertEquals(
                document.path("story")
                        .path(0)
                        .path("finding")
                        .path("reading")
                        .path("value")
                        .asDouble(),
                38.0);
        assertEquals(document.path("machine").path("ratings").path("DRAIN_LIFT").asDouble(), 1.2);
        var torn = document.toString().replace("\"value\":38.0,", "");
        assertEquals(client.post("/api/call-documents", torn).status(), 400);
    }

    @Test
    public void aReadingThatNoInstrumentShowsIsRefusedHoweverItComes() {
        var call = Calls.add(signedIn());
        var finding = """
                {"kind": "settle", "finding": {"kind": "reading-taken", "check": "supply-temperature",
                 "reading": {"quantity": "%s", "value": %s, "standardUncertainty": 1}}}
                """;
        assertEquals(call.send(finding.formatted("TEMPERATURE", "9000")).kind(), "invalid");
        assertEquals(call.send(finding.formatted("FLOW", "38")).kind(), "invalid");
        assertEquals(call.send(finding.formatted("TEMPERATURE", "38")).status(), 200);
    }
}
