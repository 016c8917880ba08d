package grimygasket.e2e.installation;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;

/** Calls made up from a seed: a machine of any kind, and on it whatever comes to mind, of which the server takes what can be. */
public final class MadeUpCalls {
    private static final List<String> KINDS =
            List.of("dishwasher", "washing-machine", "tumble-dryer", "vacuum-cleaner");
    private static final int MOST_ENTRIES = 12;
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private static final String BEGIN = """
            {"kind": "begin", "day": %d, "plannedAt": 570, "complaint": "It is not as it was", "upkeep": %s,
             "customer": {"id": "%s", "name": "Tess Orrin", "street": "2 Weir Lane", "phone": ""},
             "machine": {"id": "%s", "kind": "%s", "maker": "Corvanne", "model": "M-1", "serial": "", "place": "",
                         "features": %s, "ratings": {}, "version": 0}}
            """;

    private final Phone phone;
    private final Random random;
    private final Map<String, JsonObject> packs = new HashMap<>();
    private long seq;

    public MadeUpCalls(Phone phone, long seed) throws IOException, InterruptedException {
        this.phone = phone;
        this.random = new Random(seed);
        for (var kind : KINDS) {
            packs.put(
                    kind,
                    JsonParser.parseString(phone.get("/api/know-how/" + kind))
                            .getAsJsonObject()
                            .getAsJsonObject("pack"));
        }
    }

    /** @return ids of the calls */
    public List<String> make(int count) throws IOException, InterruptedException {
        var calls = new ArrayList<String>();
        for (int i = 0; i < count; i++) {
            var kind = KINDS.get(i % KINDS.size());
            var call = UUID.randomUUID().toString();
            int begun = send(
                    call,
                    BEGIN.formatted(
                            LocalDate.now().toEpochDay(),
                            random.nextInt(8) == 0,
                            UUID.randomUUID(),
                            UUID.randomUUID(),
                            kind,
                            usual(packs.get(kind))));
            if (begun != 200) {
                throw new IllegalStateException("a new call was answered " + begun);
            }
            int entries = random.nextInt(MOST_ENTRIES + 1);
            for (int j = 0; j < entries; j++) {
                // What cannot be is refused, and that is as good.
                send(call, change(packs.get(kind)));
            }
            calls.add(call);
        }
        return calls;
    }

    private int send(String call, String change) throws IOException, InterruptedException {
        return phone.send(call, UUID.randomUUID(), ++seq, change, PATIENCE);
    }

    private static JsonArray usual(JsonObject pack) {
        var ids = new JsonArray();
        for (var feature : pack.getAsJsonArray("features")) {
            if (feature.getAsJsonObject().get("usual").getAsBoolean()) {
                ids.add(id(feature.getAsJsonObject()));
            }
        }
        return ids;
    }

    private String change(JsonObject pack) {
        return switch (random.nextInt(6)) {
            case 0, 1 ->
                settle(
                        "symptom-settled",
                        "symptom",
                        one(pack, "symptoms"),
                        "answer",
                        any("YES", "NO"),
                        "complaint",
                        random.nextInt(4) == 0);
            case 2 -> {
                var fact = one(pack, "facts");
                yield settle("fact-known", "fact", fact, "choice", id(one(fact, "choices")));
            }
            case 3, 4 -> {
                var check = one(pack, "checks");
                yield settle("check-made", "check", check, "outcome", id(one(check, "outcomes")));
            }
            default ->
                settle(
                        "remedy-tried",
                        "remedy",
                        one(pack, "remedies"),
                        "proved",
                        any("PENDING", "STILL_FAILING", "PARTLY"));
        };
    }

    /** @param more names and values by turns */
    private static String settle(String kind, String subject, JsonObject of, Object... more) {
        var finding = new JsonObject();
        finding.addProperty("kind", kind);
        finding.addProperty(subject, id(of));
        for (int i = 0; i < more.length; i += 2) {
            if (more[i + 1] instanceof Boolean yes) {
                finding.addProperty((String) more[i], yes);
            } else {
                finding.addProperty((String) more[i], (String) more[i + 1]);
            }
        }
        return "{\"kind\": \"settle\", \"finding\": %s}".formatted(finding);
    }

    private String any(String... some) {
        return some[random.nextInt(some.length)];
    }

    private JsonObject one(JsonObject of, String list) {
        var all = of.getAsJsonArray(list);
        return all.get(random.nextInt(all.size())).getAsJsonObject();
    }

    private static String id(JsonObject one) {
        return one.get("id").getAsString();
    }
}
