package grimygasket.knowhow;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings a pack of an older form into today's, before it is held against the schema. Versions are kept as they came, so what
 * was once read stays readable:
 *
 * <ul>
 *   <li>a piece had one kind of screws, and now has a list of them;
 *   <li>a piece had one {@code clip}, and now has {@code clips}.
 * </ul>
 */
final class OlderPacks {
    private OlderPacks() {}

    /** The same tree, changed in place. */
    static JsonNode today(JsonNode pack) {
        for (var layer : pack.path("layers")) {
            for (var piece : layer.path("pieces")) {
                if (piece instanceof ObjectNode object) {
                    listed(object, "screws", "screws");
                    listed(object, "clip", "clips");
                }
            }
        }
        return pack;
    }

    private static void listed(ObjectNode piece, String was, String is) {
        if (piece.has(was) && !(piece.get(was) instanceof ArrayNode)) {
            var one = piece.remove(was);
            piece.putArray(is).add(one);
        }
    }
}
