package grimygasket.knowhow;

import grimygasket.pack.ModelFamily;
import grimygasket.pack.PackException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a family of models changes of its kind's pack. The changes have the form of the pack, and name only what differs: a
 * member with a new value, or with null to take it out (as in a JSON merge patch, RFC 7396). Lists of pieces are named by the
 * pieces' ids. A piece itself can be neither added nor taken out, so that a call's entries mean the same for every model.
 * What guards against harm can be added to, and never taken away.
 */
public final class Overlay {
    /** Members that guard against harm: a family may add to a list of them, and change nothing else. */
    private static final Set<String> GUARDS =
            Set.of("cautions", "danger", "alarm", "licensed", "competence", "causesFirst", "stopIf");

    private final List<String> problems = new ArrayList<>();

    private Overlay() {}

    /**
     * The pack with the changes made; neither tree is touched.
     *
     * @throws PackException naming each change that changes nothing there is
     */
    static JsonNode on(JsonNode pack, JsonNode changes) {
        var overlay = new Overlay();
        var changed = pack.deepCopy();
        overlay.merge((ObjectNode) changed, changes, "");
        if (!overlay.problems.isEmpty()) {
            throw new PackException(overlay.problems);
        }
        return changed;
    }

    /** The pack of a family as it is written, from that of its kind. */
    public static JsonNode of(ModelFamily family, JsonNode pack) {
        return pack.path("families")
                .valueStream()
                .filter(one -> one.path("id").asString("").equals(family.id()))
                .map(one -> on(pack, one.path("changes")))
                .findFirst()
                .orElseThrow();
    }

    private void merge(ObjectNode piece, JsonNode changes, String at) {
        for (var change : changes.properties()) {
            var name = change.getKey();
            var was = piece.path(name);
            var is = change.getValue();
            if (GUARDS.contains(name) && !keepsAll(was, is)) {
                problems.add(at + name + " cannot be taken away or changed: it guards against harm");
            } else if (is.isNull()) {
                piece.remove(name);
            } else if (was instanceof ObjectNode object && is.isObject()) {
                merge(object, is, at + name + " ");
            } else if (was instanceof ArrayNode list && is.isObject()) {
                is.properties().forEach(one -> mergeOne(list, one.getKey(), one.getValue(), at + name + " "));
            } else {
                piece.set(name, is);
            }
        }
    }

    /** Whether nothing is lost that was there. */
    private static boolean keepsAll(JsonNode was, JsonNode is) {
        if (was.isMissingNode()) {
            return true;
        }
        return was.isArray()
                && is.isArray()
                && was.valueStream().allMatch(guard -> is.valueStream().anyMatch(guard::equals));
    }

    private void mergeOne(ArrayNode list, String id, JsonNode changes, String at) {
        var found = list.valueStream()
                .filter(one -> one.path("id").asString("").equals(id))
                .findFirst();
        if (found.isPresent() && changes.isObject()) {
            merge((ObjectNode) found.get(), changes, at + id + " ");
        } else {
            problems.add(at + id + (found.isPresent() ? " cannot be taken out" : " is not in the kind’s pack"));
        }
    }
}
