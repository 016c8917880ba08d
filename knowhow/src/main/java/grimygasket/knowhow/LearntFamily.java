package grimygasket.knowhow;

import grimygasket.call.Learnt;
import grimygasket.pack.Fastening;
import grimygasket.pack.ModelFamily;
import grimygasket.pack.Screws;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a business has learnt of a model, as a family of the pack says it: the model's own family with that added to its changes, or a
 * new one, which begins with the changes of the family that it was of before.
 *
 * @param id of the family
 * @param members that it has then, in the form of pack.schema.json
 */
public record LearntFamily(String id, JsonNode members) {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int LONGEST_ID = 40;

    /**
     * @param pack of the kind, as it is written
     * @param before the family that the model is of now; null for none
     */
    public static LearntFamily of(
            JsonNode pack, @Nullable ModelFamily before, String maker, String model, Learnt learnt) {
        var written = before == null ? null : one(pack.path("families"), before.id());
        var members = JSON.createObjectNode();
        if (written != null && isOwn(before, model)) {
            members.setAll((ObjectNode) written.deepCopy());
        } else {
            members.put("id", id(maker, model))
                    .put("name", maker + " " + model)
                    .put("maker", maker)
                    .set("models", JSON.createArrayNode().add(model));
            if (written != null) {
                members.set("changes", written.path("changes").deepCopy());
            }
        }
        var changes = members.withObjectProperty("changes");
        learnt.ways().forEach((way, found) -> {
            if (one(pack.path("ways"), way) != null) {
                in(changes, "ways", way).put("usual", found.choice());
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

    private static boolean isOwn(ModelFamily family, String model) {
        return family.models().stream().map(ModelFamily::plain).anyMatch(ModelFamily.plain(model)::equals);
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
        var written = new LinkedHashMap<String, Object>();
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
