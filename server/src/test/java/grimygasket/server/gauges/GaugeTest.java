package grimygasket.server.gauges;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Every calculation over HTTP: alone, for the machine of a call, and in both systems of units. */
public class GaugeTest extends ServerTest {
    /** A demo call whose machine has data of its own. */
    private static final String CALL = "0193a000-0000-7000-8000-000000000402";

    @AfterMethod
    public void metricAgain() {
        units(signedIn(), "METRIC");
    }

    private static Answer units(Client client, String system) {
        return client.put("/api/session/units", "{\"units\": \"%s\"}".formatted(system));
    }

    private static Answer judge(Client client, String gauge, String inputs) {
        return client.post("/api/gauges/" + gauge + "/judgements", "{\"inputs\": {%s}}".formatted(inputs));
    }

    private static JsonNode result(Answer answer, int number) {
        return answer.body().path("results").path(number);
    }

    private static JsonNode input(Answer gauges, String gauge, String input) {
        for (var one : gauges.body()) {
            if (one.path("id").asString().equals(gauge)) {
                for (var in : one.path("inputs")) {
                    if (in.path("id").asString().equals(input)) {
                        return in;
                    }
                }
            }
        }
        throw new AssertionError(gauge + "/" + input);
    }

    @Test
    public void aReadingIsJudgedWithItsArithmetic() {
        var answer =
                judge(signedIn(), "drain-pump", "\"litres\": {\"text\": \"2.1\"}, \"seconds\": {\"text\": \"20\"}");
        assertEquals(answer.status(), 200, answer.detail());
        assertEquals(answer.body().path("verdict").asString(), "BAD");
        assertEquals(result(answer, 0).path("shown").asString(), "6.3 L/min");
        assertEquals(result(answer, 0).path("other").asString(), "1.66 gal/min");
        assertEquals(answer.body().path("arithmetic").path(0).asString(), "Flow: 2.1 L ÷ 20 s = 6.3 L/min");
        assertEquals(answer.body().path("picture").path("curves").size(), 3);
        assertTrue(answer.body().path("text").asString().startsWith("Drain pump and hose: Only 45%"));
    }

    @Test
    public void thePictureIsInTheSameUnitsAsTheRest() {
        var client = signedIn();
        assertEquals(units(client, "US").body().path("units").asString(), "US");
        var answer = judge(client, "drain-pump", "\"litres\": {\"text\": \"0.5\"}, \"seconds\": {\"text\": \"20\"}");
        assertEquals(result(answer, 0).path("shown").asString(), "1.5 gal/min");
        assertEquals(result(answer, 0).path("other").asString(), "5.68 L/min");
        var picture = answer.body().path("picture");
        assertEquals(picture.path("x").path("unit").asString(), "gal/min");
        assertEquals(picture.path("y").path("unit").asString(), "ft");
        assertEquals(picture.path("marks").path(0).path("x").asDouble(), 1.5, 1e-6);
        var lift = input(client.get("/api/gauges"), "drain-pump", "lift");
        assertEquals(lift.path("units").path(0).asString(), "ft");
        assertEquals(lift.path("usual").asString(), "2.62");
        var flow = client.get("/api/units").body().path("FLOW");
        assertEquals(flow.path("symbol").asString(), "gal/min");
        assertEquals(flow.path("factor").asDouble(), 3.785411784, 1e-12);
    }

    @Test
    public void theUnitsAreThoseOfTheAccount() {
        units(signedIn(), "US");
        assertEquals(signedIn().get("/api/session").body().path("units").asString(), "US", "after signing in anew");
        assertEquals(signedIn("rollo").get("/api/session").body().path("units").asString(), "METRIC");
    }

    @Test
    public void whatIsWrongIsSaidAtItsField() {
        var answer = judge(
                signedIn(),
                "hot-supply",
                "\"hot\": {\"text\": \"900\"}, \"length\": {\"text\": \"7,5\"}, \"fill\": {\"text\": \"4\"}");
        assertEquals(answer.status(), 400);
        assertEquals(answer.kind(), "invalid");
        var fields = answer.body().path("fields");
        assertTrue(fields.path("hot").asString().contains("900 °C is a slip"), fields.toString());
        assertTrue(fields.path("length").asString().contains("Write “7.5”"), fields.toString());
        assertFalse(fields.has("fill"));
        assertEquals(judge(signedIn(), "barometer", "").status(), 404);
        assertEquals(client().get("/api/gauges").status(), 401);
    }

    @Test
    public void aMachinesOwnDataGoBeforeTheUsual() {
        var client = signedIn();
        var own = input(client.get("/api/gauges?call=" + CALL), "drain-pump", "lift");
        assertEquals(own.path("usual").asString(), "0.9");
        assertTrue(own.path("own").asBoolean());
        var usual = input(client.get("/api/gauges"), "drain-pump", "lift");
        assertEquals(usual.path("usual").asString(), "0.8");
        assertFalse(usual.path("own").asBoolean());
        var judged = client.post(
                "/api/gauges/drain-pump/judgements",
                "{\"call\": \"%s\", \"inputs\": {\"litres\": {\"text\": \"3\"}, \"seconds\": {\"text\": \"15\"}}}"
                        .formatted(CALL));
        assertEquals(judged.body().path("against").asString(), "what is usual for a dishwasher");
    }

    @Test
    public void aStripIsReadInAnyScale() {
        var hardness = input(signedIn().get("/api/gauges"), "hardness", "hardness");
        assertEquals(hardness.path("units").toString(), "[\"mg/L\",\"gpg\",\"°dH\",\"°fH\",\"mmol/L\"]");
        var answer = judge(signedIn(), "hardness", "\"hardness\": {\"text\": \"10\", \"unit\": \"°dH\"}");
        assertTrue(
                answer.body().path("arithmetic").toString().contains("179 mg/L = 10.4 gpg = 10 °dH"),
                answer.body().toString());
    }
}
