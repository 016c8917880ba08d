package grimygasket.knowhow;

import static org.testng.Assert.assertTrue;

import grimygasket.pack.Pack;
import grimygasket.pack.PackException;
import grimygasket.pack.soundness.Dangers;
import grimygasket.pack.soundness.Review;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Packs that somebody has made dangerous by one slip: a word of power dropped or turned, a caution lost, two layers exchanged, an
 * alarm that is cleared too easily. Reading refuses them, the review names them, the table differs, or exploring finds it.
 */
public class MutationsTest {
    /** {@code scripts/explore} makes more. */
    private static final int SLIPS = Integer.getInteger("explored.slips", 60);

    private static final double CAUGHT = 0.95;

    /** Walks with a pack that nothing else has caught. */
    private static final int WALKS = 4;

    private static final PackReader READER = new PackReader(Shipped.resource("pack.schema.json"));

    private enum Slip {
        POWER_DROPPED,
        POWER_TURNED,
        CAUTION_OF_LAYER,
        CAUTION_OF_STEP,
        EXPOSES_NOTHING,
        LAYERS_EXCHANGED,
        STEPS_EXCHANGED,
        LOOK_DROPPED,
        ALARM_DROPPED,
        COVER_MAY_BE_OFF,
        COVER_NOT_NEEDED,
        COMPETENCE_DROPPED
    }

    private record Mutation(Slip slip, String what, JsonNode tree) {}

    @Test
    public void oneSlipInAPackIsCaught() {
        var random = new Random(28);
        var survivors = new TreeMap<Slip, List<String>>();
        var tried = new TreeMap<Slip, Integer>();
        int caught = 0;
        int made = 0;
        while (made < SLIPS) {
            var kind = Shipped.KINDS.get(made % Shipped.KINDS.size());
            var mutation = mutation(kind, Slip.values()[random.nextInt(Slip.values().length)], random);
            if (mutation.isEmpty()) {
                continue;
            }
            made++;
            var one = mutation.get();
            tried.merge(one.slip(), 1, Integer::sum);
            if (isCaught(kind, one, made)) {
                caught++;
            } else {
                survivors.computeIfAbsent(one.slip(), none -> new ArrayList<>()).add(kind + " " + one.what());
            }
        }
        System.out.println(caught + " of " + made + " slips caught; tried " + tried + "; not caught " + survivors);
        assertTrue(caught >= CAUGHT * made, "not caught: " + survivors);
    }

    private static boolean isCaught(String kind, Mutation mutation, long seed) {
        Pack pack;
        try {
            pack = READER.read(mutation.tree());
        } catch (PackException e) {
            return true;
        }
        var table = PowerTable.of(kind);
        if (!Dangers.of(pack).isEmpty()
                || !Review.of(pack).isEmpty()
                || !table.differences(pack).isEmpty()) {
            return true;
        }
        for (int walk = 0; walk < WALKS; walk++) {
            var exploration =
                    new Exploration(table, pack, ExplorationTest.features(pack, new Random(seed + walk)), seed + walk);
            exploration.walk();
            if (!exploration.broken().isEmpty()) {
                return true;
            }
        }
        return false;
    }

    private static Optional<Mutation> mutation(String kind, Slip slip, Random random) {
        var tree = PackReader.tree(Shipped.texts(kind).pack()).deepCopy();
        var step = one(tree, random.nextBoolean() ? "checks" : "remedies", random);
        var layer = one(tree, "layers", random);
        var what = switch (slip) {
            case POWER_DROPPED -> step.remove("power") == null ? null : id(step);
            case POWER_TURNED -> turned(step, random);
            case CAUTION_OF_LAYER -> cautionDropped(layer, random);
            case CAUTION_OF_STEP -> cautionDropped(step, random);
            case EXPOSES_NOTHING -> cleared(layer, "exposes");
            case LAYERS_EXCHANGED -> exchanged(layer, one(tree, "layers", random), "exposes");
            case STEPS_EXCHANGED ->
                exchanged(step, one(tree, random.nextBoolean() ? "checks" : "remedies", random), "power");
            case LOOK_DROPPED -> lookDropped(one(tree, "symptoms", random), random);
            case ALARM_DROPPED -> alarmDropped(one(tree, "symptoms", random));
            case COVER_MAY_BE_OFF -> mayBeOff(one(tree, "checks", random), layer);
            case COVER_NOT_NEEDED -> notNeeded(layer, random);
            case COMPETENCE_DROPPED -> competenceDropped(tree, random);
        };
        return Optional.ofNullable(what).map(said -> new Mutation(slip, said, tree));
    }

    private static String competenceDropped(JsonNode tree, Random random) {
        var asking = Stream.of("checks", "remedies", "proofs")
                .flatMap(section -> tree.path(section).valueStream())
                .filter(work -> work.has("competence"))
                .map(ObjectNode.class::cast)
                .toList();
        var work = asking.get(random.nextInt(asking.size()));
        return id(work) + " without " + work.remove("competence").asString();
    }

    private static ObjectNode one(JsonNode tree, String section, Random random) {
        var all = tree.path(section);
        return (ObjectNode) all.get(random.nextInt(all.size()));
    }

    private static String id(JsonNode node) {
        return node.path("id").asString("");
    }

    private static String turned(ObjectNode step, Random random) {
        var was = step.path("power").asString("");
        // That something is done without power which might be done with it hurts nobody.
        var other =
                was.equals("DEAD") ? random.nextBoolean() ? "LIVE" : "EITHER" : was.equals("LIVE") ? "EITHER" : null;
        if (other == null) {
            return null;
        }
        step.put("power", other);
        return id(step) + " " + was + " to " + other;
    }

    private static String cautionDropped(ObjectNode of, Random random) {
        if (!(of.path("cautions") instanceof ArrayNode cautions) || cautions.isEmpty()) {
            return null;
        }
        var dropped = cautions.remove(random.nextInt(cautions.size()));
        return id(of) + " without " + dropped.asString();
    }

    private static String cleared(ObjectNode of, String member) {
        if (!(of.path(member) instanceof ArrayNode all) || all.isEmpty()) {
            return null;
        }
        all.removeAll();
        return id(of);
    }

    private static String exchanged(ObjectNode one, ObjectNode other, String member) {
        if (one == other || one.path(member).equals(other.path(member))) {
            return null;
        }
        var mine = one.get(member);
        one.set(member, other.get(member));
        other.set(member, mine);
        return id(one) + " and " + id(other);
    }

    private static String lookDropped(ObjectNode symptom, Random random) {
        if (!(symptom.path("alarm").path("cleared") instanceof ArrayNode looks) || looks.size() < 2) {
            return null;
        }
        return id(symptom) + " without "
                + looks.remove(random.nextInt(looks.size())).asString();
    }

    private static String alarmDropped(ObjectNode symptom) {
        return symptom.remove("alarm") == null ? null : id(symptom);
    }

    private static String mayBeOff(ObjectNode check, ObjectNode layer) {
        if (!check.path("power").asString("").equals("LIVE")
                || layer.path("exposes").isEmpty()
                || StreamSupport.stream(check.path("mayBeOff").spliterator(), false)
                        .anyMatch(one -> one.asString().equals(id(layer)))) {
            return null;
        }
        check.withArray("mayBeOff").add(id(layer));
        return id(check) + " with " + id(layer);
    }

    /** A cover that the machine is said to run without. */
    private static String notNeeded(ObjectNode layer, Random random) {
        var pieces = layer.path("pieces");
        if (layer.path("exposes").isEmpty() || pieces.isEmpty()) {
            return null;
        }
        var piece = (ObjectNode) pieces.get(random.nextInt(pieces.size()));
        if (piece.path("optional").asBoolean(false)) {
            return null;
        }
        piece.put("optional", true).put("mayBeOff", true);
        return id(piece) + " of " + id(layer);
    }
}
