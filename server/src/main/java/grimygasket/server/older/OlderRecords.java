package grimygasket.server.older;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings what a call held before its entries were findings into today's form: an entry had a kind, a subject and an answer, each
 * a text; the lines of the job sheet lay in a list a kind; and times were texts.
 */
public final class OlderRecords {
    /** The lists of lines, and what each line is now. */
    static final Map<String, String> LINES = Map.of(
            "pieces", "laid",
            "conditions", "condition",
            "debts", "debt",
            "things", "found",
            "notes", "note",
            "proofs", "proof-run",
            "water", "water-left");

    private OlderRecords() {}

    /** Check id to the quantity that is measured there, by the text of a pack (YAML). */
    public static Map<String, String> quantities(String pack) {
        var quantities = new HashMap<String, String>();
        if (new Load(LoadSettings.builder().build()).loadFromString(pack) instanceof Map<?, ?> tree
                && tree.get("checks") instanceof Iterable<?> checks) {
            for (var check : checks) {
                if (check instanceof Map<?, ?> one && one.get("measure") instanceof Map<?, ?> measure) {
                    quantities.put(String.valueOf(one.get("id")), String.valueOf(measure.get("quantity")));
                }
            }
        }
        return quantities;
    }

    /** An entry as it is now. */
    public static ObjectNode entry(ObjectNode entry, Map<String, String> quantities) {
        inMilliseconds(entry, "at");
        var kind = entry.path("kind").asString();
        var subject = entry.path("subject").asString();
        var answer = entry.path("answer").asString();
        var finding = entry.putObject("finding");
        switch (kind) {
            case "SIGN" ->
                finding.put("kind", "sign-settled")
                        .put("sign", subject)
                        .put("answer", answer.toUpperCase())
                        .put("complaint", entry.path("complaint").asBoolean(false));
            case "FACT" ->
                finding.put("kind", "fact-known").put("fact", subject).put("choice", answer);
            case "CODE" -> finding.put("kind", "code-read").put("shown", subject);
            case "CHECK" -> {
                if (answer.equals("measured")) {
                    finding.put("kind", "reading-taken").put("check", subject);
                    finding.putObject("reading")
                            .put("quantity", quantities.get(subject))
                            .<ObjectNode>set("value", entry.get("reading"))
                            .set("spread", entry.get("spread"));
                } else {
                    finding.put("kind", "check-made").put("check", subject).put("outcome", answer);
                }
            }
            case "REMEDY" ->
                finding.put("kind", "remedy-tried")
                        .put("remedy", subject)
                        .put(
                                "proved",
                                answer.equals("done")
                                        ? "PENDING"
                                        : answer.toUpperCase().replace('-', '_'));
            default -> finding.put("kind", kind);
        }
        entry.remove("kind");
        entry.remove("subject");
        entry.remove("answer");
        entry.remove("reading");
        entry.remove("spread");
        entry.remove("complaint");
        entry.remove("phase");
        return entry;
    }

    /** An entry as it is now: the standard uncertainty of a reading was called its spread. */
    public static void uncertain(JsonNode entry) {
        if (entry.path("finding").path("reading") instanceof ObjectNode reading && reading.has("spread")) {
            reading.set("standardUncertainty", reading.remove("spread"));
        }
    }

    /** An entry as it is now: a symptom was called a sign. */
    public static void symptom(JsonNode entry) {
        if (entry.path("finding") instanceof ObjectNode finding
                && finding.path("kind").asString("").equals("sign-settled")) {
            finding.put("kind", "symptom-settled").set("symptom", finding.remove("sign"));
        }
    }

    /** A confirmed caution as it is now: each confirmation has an id. */
    public static ObjectNode caution(ObjectNode caution) {
        inMilliseconds(caution, "at");
        return caution.put("id", UUID.randomUUID().toString());
    }

    /** A line as it is now, given from which list it comes. */
    public static ObjectNode line(ObjectNode line, String list) {
        inMilliseconds(line, "at");
        var what = JsonNodeFactory.instance.objectNode();
        what.put("kind", LINES.get(list));
        if (line.get("what") instanceof ObjectNode said) {
            what.setAll(said);
        }
        line.set("what", what);
        return line;
    }

    /** Puts a time that was a text as milliseconds since 1970; one that is no time stays, to be found wrong. */
    public static void inMilliseconds(JsonNode node, String member) {
        if (node instanceof ObjectNode object && object.path(member).isString()) {
            try {
                object.put(member, Instant.parse(object.path(member).asString()).toEpochMilli());
            } catch (java.time.format.DateTimeParseException e) {
                // The schema says where.
            }
        }
    }
}
