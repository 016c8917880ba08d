package grimygasket.knowhow;

import grimygasket.call.Learnt;
import grimygasket.pack.Fastening;
import grimygasket.pack.ModelFamily;
import grimygasket.pack.Screws;
import java.util.Map;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a business has learnt of a model, as a family of the pack says it: the model's family with that added to its changes, or a new
 * family.
 *
 * @param id of the family
 * @param members that it has then, in the form of pack.schema.json
 */
public record LearntFamily(String id, JsonNode members) {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int LONGEST_ID = 40;

    /** @param pack of the kind, as it is written */
    public static LearntFamily of(JsonNode pack, String maker, String model, Learnt learnt) {
        var known = pack.path("families")
                .valueStream()
                .filter(family -> family(family).has(maker, model))
                .findFirst();
        var members = JSON.createObjectNode();
        known.ifPresentOrElse(
                family -> members.setAll((ObjectNode) family.deepCopy()),
                () -> members.put("id", id(maker, model))
                        .put("name", maker + " " + model)
                        .put("maker", maker)
                        .set("models", JSON.createArrayNode().add(model)));
        var changes = members.withObjectProperty("changes");
        learnt.ways().forEach((way, found) -> {
            if (one(pack.path("ways"), way) != null) {
                changes.withObjectProperty("ways").withObjectProperty(way).put("usual", found.choice());
            }
        });
        learnt.pieces().forEach((piece, found) -> {
            var place = place(pack, changes, learnt, piece);
            if (place != null) {
                put(place, found.fastening());
            }
        });
        return new LearntFamily(members.path("id").asString(), members);
    }

    private static ModelFamily family(JsonNode family) {
        return JSON.convertValue(family, Named.class).family();
    }

    private record Named(String id, String name, String maker, java.util.List<String> models) {
        ModelFamily family() {
            return new ModelFamily(id, name, maker, models);
        }
    }

    private static String id(String maker, String model) {
        var id = (maker + "-" + model)
                .toLowerCase()
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^[^a-z]+|-+$", "");
        return id.isEmpty() ? "model" : id.substring(0, Math.min(id.length(), LONGEST_ID));
    }

    /** Where the changes say how a piece is held: at the choice that has one of its own, or else at its layer; null for nowhere. */
    private static ObjectNode place(JsonNode pack, ObjectNode changes, Learnt learnt, String piece) {
        for (var way : pack.path("ways")) {
            var found = learnt.ways().get(way.path("id").asString());
            var choice = found == null ? null : one(way.path("choices"), found.choice());
            if (choice != null) {
                var at = way.path("id").asString();
                if (one(choice.path("pieces"), piece) != null) {
                    return in(changes, "ways", at, "choices", found.choice(), "pieces", piece);
                }
                var layer = layer(choice.path("layers"), piece);
                if (layer != null) {
                    return in(changes, "ways", at, "choices", found.choice(), "layers", layer, "pieces", piece);
                }
            }
        }
        var layer = layer(pack.path("layers"), piece);
        return layer == null ? null : in(changes, "layers", layer, "pieces", piece);
    }

    private static ObjectNode in(ObjectNode changes, String... names) {
        return Stream.of(names).reduce(changes, ObjectNode::withObjectProperty, (one, other) -> other);
    }

    private static String layer(JsonNode layers, String piece) {
        return layers.valueStream()
                .filter(layer -> one(layer.path("pieces"), piece) != null)
                .map(layer -> layer.path("id").asString())
                .findFirst()
                .orElse(null);
    }

    private static JsonNode one(JsonNode list, String id) {
        return list.valueStream()
                .filter(one -> one.path("id").asString("").equals(id))
                .findFirst()
                .orElse(null);
    }

    /** What it has none of is taken out. */
    private static void put(ObjectNode piece, Fastening fastening) {
        piece.set(
                "screws",
                fastening.screws().isEmpty()
                        ? null
                        : JSON.valueToTree(fastening.screws().stream()
                                .map(LearntFamily::written)
                                .toList()));
        piece.put("turn", fastening.turn());
        piece.set("clips", fastening.clips().isEmpty() ? null : JSON.valueToTree(fastening.clips()));
        piece.put("orientation", fastening.orientation());
    }

    /** Screws as a pack says them: what nobody has said is left out. */
    private static Map<String, Object> written(Screws screws) {
        var written = new java.util.LinkedHashMap<String, Object>();
        written.put("drive", screws.drive());
        if (!screws.thread().isBlank()) {
            written.put("thread", screws.thread());
        }
        if (screws.lengthMm() > 0) {
            written.put("lengthMm", screws.lengthMm());
        }
        written.put("count", screws.count());
        if (!screws.place().isBlank()) {
            written.put("place", screws.place());
        }
        if (screws.leftHand()) {
            written.put("leftHand", true);
        }
        return written;
    }
}
