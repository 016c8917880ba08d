package grimygasket.knowhow;

import com.fasterxml.jackson.annotation.JsonInclude.Include;
import grimygasket.call.Learnt;
import grimygasket.pack.ModelFamily;
import grimygasket.pack.machine.Fastening;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a business has learnt of a model, as a family of the pack says it: the model's own family with that added to its changes, or a
 * new one, which begins with the changes of the family that it was of before.
 */
public final class LearntFamily {
    /** What nobody has said is left out, as in a pack. */
    private static final JsonMapper JSON = JsonMapper.builder()
            .changeDefaultPropertyInclusion(all -> all.withValueInclusion(Include.NON_DEFAULT))
            .build();

    private static final List<String> MEMBERS = List.of("screws", "turn", "clips", "orientation");

    private static final int LONGEST_ID = 40;

    private LearntFamily() {}

    /**
     * The members of the family, in the form of pack.schema.json.
     *
     * @param pack of the kind, as it is written
     * @param before the family that the model is of now; null for none
     */
    public static ObjectNode of(
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
        return members;
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
        JsonNode said = JSON.valueToTree(fastening);
        MEMBERS.forEach(member -> piece.set(member, said.get(member)));
    }
}
