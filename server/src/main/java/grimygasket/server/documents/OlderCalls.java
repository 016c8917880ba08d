package grimygasket.server.documents;

import grimygasket.server.older.OlderRecords;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings the file of a call of an older version into today's form:
 *
 * <ul>
 *   <li>in version 1 a piece had one kind of screws in one cup, and one clip;
 *   <li>in version 2 entries were texts, lines lay in a list a kind, and times were texts;
 *   <li>in version 3 the standard uncertainty of a reading was called its spread;
 *   <li>in version 4 a symptom was called a sign.
 * </ul>
 */
final class OlderCalls {
    private OlderCalls() {}

    /** The same tree, changed in place. */
    static JsonNode today(JsonNode call) {
        if (call instanceof ObjectNode file) {
            if (file.path("formatVersion").asInt(0) == 1) {
                screwsInGroups(file);
            }
            if (file.path("formatVersion").asInt(0) == 2) {
                entriesAsFindings(file);
            }
            if (file.path("formatVersion").asInt(0) == 3) {
                file.put("formatVersion", 4);
                file.path("story").forEach(OlderRecords::uncertain);
            }
            if (file.path("formatVersion").asInt(0) == 4) {
                file.put("formatVersion", 5);
                file.path("story").forEach(OlderRecords::symptom);
            }
        }
        return call;
    }

    private static void screwsInGroups(ObjectNode file) {
        file.put("formatVersion", 2);
        for (var line : file.path("job").path("pieces")) {
            if (line.path("what") instanceof ObjectNode piece) {
                listed(piece);
            }
        }
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

    private static void entriesAsFindings(ObjectNode file) {
        file.put("formatVersion", 3);
        OlderRecords.inMilliseconds(file.path("call"), "closedAt");
        for (var list : List.of("complaints", "parts", "photos")) {
            file.path(list).forEach(one -> OlderRecords.inMilliseconds(one, "at"));
        }
        for (var part : file.path("parts")) {
            if (part instanceof ObjectNode object) {
                object.remove("total");
            }
        }
        for (var caution : file.path("cautions")) {
            if (caution instanceof ObjectNode object) {
                OlderRecords.caution(object);
            }
        }
        var quantities =
                OlderRecords.quantities(file.path("knowHow").path("pack").asString("{}"));
        var story = file.putArray("story");
        var entries = file.remove("entries");
        if (entries != null) {
            entries.forEach(entry ->
                    story.add(entry instanceof ObjectNode object ? OlderRecords.entry(object, quantities) : entry));
        }
        var lines = file.putArray("lines");
        var job = file.remove("job");
        if (job != null) {
            job.properties()
                    .forEach(list -> list.getValue()
                            .forEach(line -> lines.add(
                                    line instanceof ObjectNode object
                                            ? OlderRecords.line(object, list.getKey())
                                            : line)));
        }
    }
}
