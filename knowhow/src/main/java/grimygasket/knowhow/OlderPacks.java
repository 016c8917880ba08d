package grimygasket.knowhow;

import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings a pack of an older form into today's, before it is held against the schema. Versions are kept as they came, so what
 * was once read stays readable:
 *
 * <ul>
 *   <li>a piece had one kind of screws, and now has a list of them;
 *   <li>a piece had one {@code clip}, and now has {@code clips};
 *   <li>what a school means for dates and for upkeep was known by its id, and now it says so itself;
 *   <li>nothing was said of power but that a check {@code runs}, see {@link OlderPower}.
 * </ul>
 */
final class OlderPacks {
    private static final Set<String> CALENDARS = Set.of("short", "long", "found");

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
        for (var school : pack.path("schools")) {
            saysWhatItMeans(school);
        }
        if (pack instanceof ObjectNode object) {
            OlderPower.today(object);
        }
        return pack;
    }

    private static void saysWhatItMeans(JsonNode school) {
        var id = school.path("id").asString("");
        if (id.equals("how-often")) {
            for (var choice : school.path("choices")) {
                if (choice instanceof ObjectNode object
                        && CALENDARS.contains(choice.path("id").asString(""))) {
                    object.put("calendar", choice.path("id").asString().toUpperCase());
                }
            }
        } else if (id.equals("test-when") && school instanceof ObjectNode object) {
            object.put("upkeep", "all");
        }
    }

    private static void listed(ObjectNode piece, String was, String is) {
        if (piece.has(was) && !(piece.get(was) instanceof ArrayNode)) {
            var one = piece.remove(was);
            piece.putArray(is).add(one);
        }
    }
}
