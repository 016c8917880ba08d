package grimygasket.server.calls;

import grimygasket.server.ServerTest.Answer;
import grimygasket.server.ServerTest.Client;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.node.ObjectNode;

/** A call of a test, changed through the server's interface. */
final class Calls {
    final String path;
    private final Client client;

    private Calls(Client client, String path) {
        this.client = client;
        this.path = path;
    }

    /** A new call about a Corvanne dishwasher of a new customer. */
    static Calls add(Client client) {
        var call = new Calls(client, "/api/calls/" + UUID.randomUUID());
        client.put(call.path, body("Does not drain", "Tess Orrin", "Corvanne"));
        return call;
    }

    /** A call that is put on the round in a way of its own. */
    static Calls on(Client client, UUID id) {
        return new Calls(client, "/api/calls/" + id);
    }

    static String body(String complaint, String name, String maker) {
        return """
                {"day": "2031-05-06", "plannedAt": "09:30:00", "complaint": "%s",
                 "customer": {"id": "%s", "name": "%s", "street": "2 Weir Lane", "phone": ""},
                 "machine": {"id": "%s", "kind": "dishwasher", "maker": "%s", "model": "DW-1", "serial": "",
                             "place": "", "features": ["air-gap", "return-valve"], "version": 0}}
                """.formatted(complaint, UUID.randomUUID(), name, UUID.randomUUID(), maker);
    }

    /** The same call in another tab. */
    Calls seenBy(Client other) {
        return new Calls(other, path);
    }

    Answer get() {
        return client.get(path);
    }

    Answer enter(String kind, String subject, String answer) {
        return enter(UUID.randomUUID(), kind, subject, answer);
    }

    Answer enter(UUID id, String kind, String subject, String answer) {
        return client.post(path + "/entries", """
                {"id": "%s", "kind": "%s", "subject": "%s", "answer": "%s"}
                """.formatted(id, kind, subject, answer));
    }

    Answer correct(String entryId, String answer, int version) {
        return client.put(
                path + "/entries/" + entryId, "{\"answer\": \"%s\", \"version\": %d}".formatted(answer, version));
    }

    Answer takeBack(String entryId, int version) {
        return client.delete(path + "/entries/" + entryId + "?version=" + version);
    }

    Answer keepCaution(String caution) {
        return client.put(path + "/cautions/" + caution, null);
    }

    Answer takeBackCaution(String caution) {
        return client.delete(path + "/cautions/" + caution);
    }

    Answer usePart(UUID useId, String remedy, String partId, int count) {
        return client.post(path + "/part-uses", """
                {"id": "%s", "remedy": "%s", "partId": "%s", "used": %d, "source": "VAN"}
                """.formatted(useId, remedy, partId, count));
    }

    Answer putBack(UUID useId) {
        return client.delete(path + "/part-uses/" + useId);
    }

    /** Says where the new part's serial number and the old part went. */
    Answer describe(String useId, String serial, String oldPart) {
        return client.put(
                path + "/part-uses/" + useId, "{\"serial\": \"%s\", \"oldPart\": \"%s\"}".formatted(serial, oldPart));
    }

    /** Adds a line to the job sheet, or changes one of that version. */
    Answer keep(String kind, UUID line, int version, String what) {
        return client.put(
                path + "/job/" + kind + "/" + line, "{\"version\": %d, \"what\": %s}".formatted(version, what));
    }

    Answer keep(String kind, String what) {
        return keep(kind, UUID.randomUUID(), 0, what);
    }

    Answer drop(String line, int version) {
        return client.delete(path + "/job/" + line + "?version=" + version);
    }

    /** Lays down pieces that the know-how knows. */
    Answer lay(String... pieces) {
        var lines = Stream.of(pieces)
                .map(piece -> "\"%s\": \"%s\"".formatted(piece, UUID.randomUUID()))
                .collect(Collectors.joining(", "));
        return client.post(path + "/job/pieces", "{\"lines\": {%s}}".formatted(lines));
    }

    /** Puts all that is on the tray back as it should sit, in the order that the server gives. */
    void rebuild() {
        var call = get().body();
        var pieces = call.path("job").path("pieces");
        for (var step : call.path("tray").path("wayBack")) {
            pieces.forEach(line -> {
                if (line.path("what").path("id").equals(step.path("piece"))) {
                    var what = ((ObjectNode) line.path("what")).deepCopy();
                    what.put("place", "BACK");
                    for (var group : what.path("screws")) {
                        ((ObjectNode) group).set("back", group.path("screws").path("count"));
                    }
                    what.set("confirmed", what.path("confirm"));
                    keep(
                            "pieces",
                            UUID.fromString(line.path("id").asString()),
                            line.path("version").asInt(),
                            what.toString());
                }
            });
        }
    }

    Answer fit(int version, String features) {
        return client.put(path + "/features", "{\"version\": %d, \"features\": [%s]}".formatted(version, features));
    }

    Answer close(int version, String reason) {
        return client.put(
                path + "/closing",
                "{\"version\": %d, \"reason\": \"%s\", \"advice\": \"Scrape the plates\"}".formatted(version, reason));
    }

    Answer reopen() {
        return client.delete(path + "/closing");
    }

    int version() {
        return get().body().path("version").asInt();
    }
}
