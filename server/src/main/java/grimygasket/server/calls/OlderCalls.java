package grimygasket.server.calls;

import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings the file of a call of version 1 into today's form: a piece had one kind of screws in one cup, and one clip. */
final class OlderCalls {
    private OlderCalls() {}

    /** The same tree, changed in place. */
    static JsonNode today(JsonNode call) {
        if (call instanceof ObjectNode file && file.path("formatVersion").asInt(0) == 1) {
            file.put("formatVersion", CallDocument.VERSION);
            for (var line : file.path("job").path("pieces")) {
                if (line.path("what") instanceof ObjectNode piece) {
                    listed(piece);
                }
            }
        }
        return call;
    }

    private static void listed(ObjectNode piece) {
        var screws = piece.remove("screws");
        var cup = piece.remove("cup");
        var back = piece.remove("screwsBack");
        var clip = piece.remove("clip");
        var groups = piece.putArray("screws");
        // A file that breaks the old form breaks the new one, too.
        if (screws instanceof ObjectNode group && cup != null && back != null) {
            group.put("place", "").put("leftHand", false);
            groups.addObject().setAll(Map.of("screws", group, "cup", cup, "back", back));
        }
        var clips = piece.putArray("clips");
        if (clip != null) {
            clips.add(clip);
        }
    }
}
