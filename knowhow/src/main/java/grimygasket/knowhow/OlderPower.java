package grimygasket.knowhow;

import grimygasket.pack.soundness.PowerWords;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a pack says of power, for one that was written before packs said it. Of two ways to take it the one is taken that keeps
 * power away:
 *
 * <ul>
 *   <li>a layer with a caution of power or battery exposes what has power;
 *   <li>a check that {@code runs} has power, and may have it with its own layer open; what is done behind a layer that exposes
 *       something, or begins with unplugging, has none; of the rest it does not matter;
 *   <li>a proof has power;
 *   <li>a check with an insulation tester is for somebody qualified;
 *   <li>an alarm is cleared by nothing: after it the call can only be handed on.
 * </ul>
 *
 * What was taken so is for whoever puts the pack to use to look at: {@link #assumed} names it.
 */
final class OlderPower {
    private static final Set<String> CUT_OFF = Set.of("POWER", "BATTERY");

    private final Map<String, JsonNode> layers = new HashMap<>();
    private final List<String> assumed = new ArrayList<>();

    private OlderPower() {}

    /** Adds to a pack what it does not say. */
    static void today(ObjectNode pack) {
        new OlderPower().add(pack);
    }

    /** A sentence for each thing that a pack does not say; empty for one of today's form. */
    static List<String> assumed(ObjectNode pack) {
        var older = new OlderPower();
        older.add(pack.deepCopy());
        return older.assumed;
    }

    private void add(ObjectNode pack) {
        var hazards = new HashMap<String, String>();
        pack.path("cautions").forEach(caution -> hazards.put(text(caution, "id"), text(caution, "hazard")));
        for (var layer : pack.path("layers")) {
            layers.put(text(layer, "id"), layer);
            if (layer instanceof ObjectNode object && !layer.has("exposes")) {
                var exposes = object.putArray("exposes");
                boolean live = false;
                for (var caution : layer.path("cautions")) {
                    live |= CUT_OFF.contains(hazards.getOrDefault(caution.asString(""), ""));
                }
                if (live) {
                    exposes.add("POWER");
                }
                assumed.add("Layer “" + text(layer, "name") + "” does not say what it exposes: "
                        + (live ? "taken as what has power." : "taken as nothing."));
            }
        }
        pack.path("checks").forEach(check -> check(check));
        pack.path("remedies").forEach(remedy -> power("Remedy", remedy, dead(remedy)));
        pack.path("proofs").forEach(proof -> power("Proof", proof, "LIVE"));
        pack.path("symptoms").forEach(symptom -> alarm(symptom));
    }

    private void check(JsonNode check) {
        if (!(check instanceof ObjectNode object) || check.has("power")) {
            return;
        }
        boolean runs = object.path("runs").asBoolean(false);
        object.remove("runs");
        if (runs && check.has("layer")) {
            var mayBeOff = object.putArray("mayBeOff");
            chain(check).forEach(layer -> mayBeOff.add(text(layer, "id")));
        }
        power("Check", check, runs ? "LIVE" : dead(check));
        if (check.path("tools").valueStream().anyMatch(tool -> "insulation tester".equals(tool.asString("")))) {
            object.put("competence", "ELECTRICAL");
            assumed.add("Check “" + text(check, "name")
                    + "” does not say who may make it: taken as for somebody qualified for electrical measuring.");
        }
    }

    private void power(String what, JsonNode work, String power) {
        if (work instanceof ObjectNode object && !work.has("power")) {
            object.put("power", power);
            assumed.add(what + " “" + text(work, "name") + "” does not say whether the machine has power: "
                    + switch (power) {
                        case "LIVE" -> "taken as with power.";
                        case "DEAD" -> "taken as without.";
                        default -> "taken as either.";
                    });
        }
    }

    private void alarm(JsonNode symptom) {
        if (symptom instanceof ObjectNode object && symptom.path("alarm").isString()) {
            var caution = text(symptom, "alarm");
            var alarm = object.putObject("alarm");
            alarm.put("caution", caution);
            alarm.putArray("cleared");
            assumed.add("Symptom “" + text(symptom, "name")
                    + "” does not say what clears its alarm: taken as nothing, so that the call is handed on.");
        }
    }

    private String dead(JsonNode work) {
        boolean covered =
                chain(work).stream().anyMatch(layer -> !layer.path("exposes").isEmpty());
        var first = work.path("steps").path(0);
        boolean cutOff = PowerWords.cutsOff(first.path("text").asString(first.asString("")));
        return covered || cutOff ? "DEAD" : "EITHER";
    }

    private List<JsonNode> chain(JsonNode work) {
        var chain = new ArrayList<JsonNode>();
        for (var id = text(work, "layer"); layers.containsKey(id) && chain.size() < layers.size(); ) {
            chain.add(layers.get(id));
            id = text(layers.get(id), "within");
        }
        return chain;
    }

    private static String text(JsonNode node, String member) {
        return node.path(member).asString("");
    }
}
