package grimygasket.knowhow;

import grimygasket.pack.KindKnowhow;
import grimygasket.pack.Pack;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What differs between two versions of know-how, piece by piece. */
public final class Comparison {
    private static final JsonMapper JSON = new JsonMapper();

    public enum Difference {
        ADDED,
        REMOVED,
        CHANGED
    }

    /**
     * @param section for example "faults" or "codes"
     * @param piece its id, or what names it
     * @param details for a changed piece, what was and what is
     */
    public record PieceChange(String section, String piece, Difference difference, List<String> details) {
        /** The same, for the models of a family alone. */
        PieceChange of(String family) {
            return new PieceChange("family " + family + ", " + section, piece, difference, details);
        }
    }

    private Comparison() {}

    public static List<PieceChange> of(KindKnowhow before, KindKnowhow after) {
        var changes = new ArrayList<>(of(before.pack(), after.pack()));
        for (var family : after.pack().families()) {
            var was = before.families().get(family.id());
            if (was != null) {
                of(was, after.families().get(family.id())).stream()
                        .filter(change -> !changes.contains(change))
                        .map(change -> change.of(family.id()))
                        .toList()
                        .forEach(changes::add);
            }
        }
        compare("codes", pieces(JSON.valueToTree(before.codes())), pieces(JSON.valueToTree(after.codes())), changes);
        return List.copyOf(changes);
    }

    private static List<PieceChange> of(Pack before, Pack after) {
        return of(JSON.valueToTree(before), JSON.<JsonNode>valueToTree(after));
    }

    /** What differs between two packs as they are written. */
    public static List<PieceChange> of(JsonNode was, JsonNode is) {
        var changes = new ArrayList<PieceChange>();
        for (var property : is.properties()) {
            var section = property.getKey();
            if (property.getValue().isArray()) {
                compare(section, pieces(was.path(section)), pieces(property.getValue()), changes);
            } else if (property.getValue().isObject()) {
                var details = details("", was.path(section), property.getValue());
                if (!details.isEmpty()) {
                    changes.add(new PieceChange("pack", section, Difference.CHANGED, details));
                }
            } else if (!property.getValue().equals(was.path(section))) {
                var detail = was.path(section).asString() + " → "
                        + property.getValue().asString();
                changes.add(new PieceChange("pack", section, Difference.CHANGED, List.of(detail)));
            }
        }
        return List.copyOf(changes);
    }

    private static void compare(
            String section, Map<String, JsonNode> was, Map<String, JsonNode> is, List<PieceChange> changes) {
        var names = new LinkedHashSet<>(was.keySet());
        names.addAll(is.keySet());
        for (var name : names) {
            if (!was.containsKey(name)) {
                changes.add(new PieceChange(section, name, Difference.ADDED, List.of()));
            } else if (!is.containsKey(name)) {
                changes.add(new PieceChange(section, name, Difference.REMOVED, List.of()));
            } else if (!was.get(name).equals(is.get(name))) {
                changes.add(
                        new PieceChange(section, name, Difference.CHANGED, details("", was.get(name), is.get(name))));
            }
        }
    }

    /** The pieces of a section by what names them: a code by its maker too, a note or a habit by its text. */
    private static Map<String, JsonNode> pieces(JsonNode section) {
        var pieces = new LinkedHashMap<String, JsonNode>();
        for (var piece : section) {
            var name = piece.has("code")
                    ? piece.path("maker").asString() + " " + piece.path("code").asString()
                    : piece.path("id").asString(piece.path("text").asString());
            pieces.put(name, piece);
        }
        return pieces;
    }

    private static List<String> details(String at, JsonNode was, JsonNode is) {
        if (named(was) && named(is)) {
            return details(at, JSON.valueToTree(pieces(was)), JSON.<JsonNode>valueToTree(pieces(is)));
        }
        if (!was.isObject() || !is.isObject()) {
            return was.equals(is) ? List.of() : List.of(at + ": " + text(was) + " → " + text(is));
        }
        var details = new ArrayList<String>();
        var names = new LinkedHashSet<>(was.propertyNames());
        names.addAll(is.propertyNames());
        for (var name : names) {
            details.addAll(details(at.isEmpty() ? name : at + " " + name, was.path(name), is.path(name)));
        }
        return details;
    }

    /** Whether it is a list of things with ids, which are compared one by one. */
    private static boolean named(JsonNode list) {
        return list.isArray() && !list.isEmpty() && list.valueStream().allMatch(one -> one.has("id"));
    }

    private static String text(JsonNode value) {
        return value.isMissingNode() || value.isNull()
                ? "nothing"
                : value.isString() ? value.asString() : FlowText.of(value);
    }
}
