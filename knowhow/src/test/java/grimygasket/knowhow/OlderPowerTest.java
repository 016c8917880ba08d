package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.pack.machine.Power;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A pack that was written before packs spoke of power is read, and what it does not say is named. */
public class OlderPowerTest {
    @DataProvider
    Object[][] kinds() {
        return Shipped.KINDS.stream().map(kind -> new Object[] {kind}).toArray(Object[][]::new);
    }

    /** A shipped pack as it stood in an older form; JSON is YAML. */
    private static String older(String kind) {
        var tree = PackReader.tree(Shipped.texts(kind).pack());
        for (var check : tree.path("checks")) {
            without(check, "mayBeOff");
            if (without(check, "power").equals("LIVE")) {
                ((ObjectNode) check).put("runs", true);
            }
        }
        tree.path("remedies").forEach(remedy -> without(remedy, "power"));
        tree.path("proofs").forEach(proof -> without(proof, "power"));
        for (var layer : tree.path("layers")) {
            without(layer, "exposes");
            layer.path("pieces").forEach(piece -> without(piece, "mayBeOff"));
        }
        for (var symptom : tree.path("symptoms")) {
            if (symptom.has("alarm")) {
                ((ObjectNode) symptom)
                        .put("alarm", symptom.path("alarm").path("caution").asString());
            }
        }
        return tree.toString();
    }

    private static String without(JsonNode node, String member) {
        var was = ((ObjectNode) node).remove(member);
        return was == null ? "" : was.asString("");
    }

    @Test(dataProvider = "kinds")
    public void itIsReadWithPowerKeptAway(String kind) {
        var text = older(kind);
        var pack = Shipped.reader()
                .read(kind, new KnowhowText(text, Shipped.texts(kind).codes()))
                .pack();
        var today = Shipped.knowhow(kind).pack();
        today.checks().forEach(check -> assertEquals(pack.check(check.id()).runs(), check.runs(), check.id()));
        today.remedies().stream()
                .filter(remedy -> pack.chain(remedy.layer()).stream()
                        .anyMatch(layer -> !layer.exposes().isEmpty()))
                .forEach(remedy -> assertEquals(pack.remedy(remedy.id()).power(), Power.DEAD, remedy.id()));
        assertTrue(
                pack.symptom("alarm").alarm().cleared().isEmpty(), "nothing clears it, so that the call is handed on");
    }

    @Test(dataProvider = "kinds")
    public void whatItDoesNotSayIsNamed(String kind) {
        var assumed = PackReader.assumed(older(kind));
        assertTrue(
                assumed.stream().anyMatch(line -> line.contains("does not say what clears its alarm")), assumed + "");
        assertTrue(assumed.stream().anyMatch(line -> line.contains("does not say what it exposes")), assumed + "");
        assertFalse(assumed.stream().anyMatch(line -> line.contains("null")), assumed + "");
        assertTrue(PackReader.assumed(Shipped.texts(kind).pack()).isEmpty(), "one of today's form says all of it");
    }
}
