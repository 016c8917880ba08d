package grimygasket.device;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import org.testng.annotations.Test;

/** Every calculation as the page asks for it, in both systems of units. */
public class GaugesTest {
    private static JsonObject answer(String gauge, String units, String inputs) {
        return Json.parse(Device.judge(
                        "{\"gauge\": \"%s\", \"units\": \"%s\", \"inputs\": {%s}}".formatted(gauge, units, inputs)))
                .asObject();
    }

    private static JsonObject judge(String gauge, String units, String inputs) {
        return answer(gauge, units, inputs).get("judgement").asObject();
    }

    private static String result(JsonObject judgement, String member) {
        return judgement.get("results").asArray().get(0).asObject().getString(member, "");
    }

    private static JsonObject input(String units, String gauge, String input) {
        var gauges = Json.parse(Device.gauges("{\"units\": \"%s\"}".formatted(units)))
                .asObject()
                .get("gauges")
                .asArray();
        return byId(byId(gauges, gauge).get("inputs"), input);
    }

    private static JsonObject byId(JsonValue some, String id) {
        for (var one : some.asArray()) {
            if (one.asObject().getString("id", "").equals(id)) {
                return one.asObject();
            }
        }
        throw new AssertionError(id);
    }

    @Test
    public void aReadingIsJudgedWithItsArithmetic() {
        var judged = judge("drain-pump", "METRIC", "\"litres\": {\"text\": \"2.1\"}, \"seconds\": {\"text\": \"20\"}");
        assertEquals(judged.getString("verdict", ""), "BAD");
        assertEquals(result(judged, "shown"), "6.3 L/min");
        assertEquals(result(judged, "other"), "1.66 gal/min");
        assertEquals(judged.get("arithmetic").asArray().get(0).asString(), "Flow: 2.1 L ÷ 20 s = 6.3 L/min");
        assertEquals(judged.get("picture").asObject().get("curves").asArray().size(), 3);
        assertTrue(judged.getString("text", "").startsWith("Drain pump and hose: Only 45%"));
    }

    @Test
    public void thePictureIsInTheSameUnitsAsTheRest() {
        var judged = judge("drain-pump", "US", "\"litres\": {\"text\": \"0.5\"}, \"seconds\": {\"text\": \"20\"}");
        assertEquals(result(judged, "shown"), "1.5 gal/min");
        assertEquals(result(judged, "other"), "5.68 L/min");
        var picture = judged.get("picture").asObject();
        assertEquals(picture.get("x").asObject().getString("unit", ""), "gal/min");
        assertEquals(picture.get("y").asObject().getString("unit", ""), "ft");
        assertEquals(picture.get("marks").asArray().get(0).asObject().getDouble("x", 0), 1.5, 1e-6);
        var lift = input("US", "drain-pump", "lift");
        assertEquals(lift.get("units").asArray().get(0).asString(), "ft");
        assertEquals(lift.getString("usual", ""), "2.62");
    }

    @Test
    public void whatIsWrongIsSaidAtItsField() {
        var answer = answer(
                "hot-supply",
                "METRIC",
                "\"hot\": {\"text\": \"900\"}, \"length\": {\"text\": \"7,5\"}, \"fill\": {\"text\": \"4\"}");
        assertFalse(answer.getString("problem", "").isEmpty());
        var fields = answer.get("fields").asObject();
        assertTrue(fields.getString("hot", "").contains("900 °C is a slip"), fields.toString());
        assertTrue(fields.getString("length", "").contains("Write “7.5”"), fields.toString());
        assertEquals(fields.names().size(), 2);
    }

    @Test
    public void aStripIsReadInAnyScale() {
        var hardness = input("METRIC", "hardness", "hardness");
        assertEquals(hardness.get("units").toString(), "[\"mg/L\",\"gpg\",\"°dH\",\"°fH\",\"mmol/L\"]");
        var judged = judge("hardness", "METRIC", "\"hardness\": {\"text\": \"10\", \"unit\": \"°dH\"}");
        assertTrue(judged.get("arithmetic").toString().contains("179 mg/L = 10.4 gpg = 10 °dH"), judged.toString());
    }
}
