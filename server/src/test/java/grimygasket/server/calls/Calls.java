package grimygasket.server.calls;

import grimygasket.server.ServerTest.Answer;
import grimygasket.server.ServerTest.Client;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A call of a test, changed through the server's interface. */
public final class Calls {
    public static final LocalDate DAY = LocalDate.of(2031, 5, 6);
    private static final int HALF_PAST_NINE = 570;

    public final String path;
    private final Client client;
    private final UUID device = UUID.randomUUID();

    private Calls(Client client, String path) {
        this.client = client;
        this.path = path;
    }

    /** A new call about a Corvanne dishwasher of a new customer. */
    public static Calls add(Client client) {
        var call = on(client, UUID.randomUUID());
        call.send(begin("Does not drain", "Tess Orrin", "Corvanne"));
        return call;
    }

    /** The same, on some day. */
    public static Calls add(Client client, LocalDate day) {
        var call = on(client, UUID.randomUUID());
        var machine = machine(UUID.randomUUID(), "dishwasher", "Corvanne", "air-gap", "return-valve");
        call.send(begin(day, "Does not drain", "Tess Orrin", machine));
        return call;
    }

    /** A call that is put on the round in a way of its own. */
    public static Calls on(Client client, UUID id) {
        return new Calls(client, "/api/calls/" + id);
    }

    /** A dishwasher's call of {@link #DAY}, of a new customer. */
    public static String begin(String complaint, String name, String maker) {
        return begin(DAY, complaint, name, machine(UUID.randomUUID(), "dishwasher", maker, "air-gap", "return-valve"));
    }

    /** A call of that day, of a new customer. */
    public static String begin(LocalDate day, String complaint, String name, String machine) {
        return """
                {"kind": "begin", "day": %d, "plannedAt": %d, "complaint": "%s", "upkeep": false,
                 "customer": {"id": "%s", "name": "%s", "street": "2 Weir Lane", "phone": ""},
                 "machine": %s}
                """.formatted(day.toEpochDay(), HALF_PAST_NINE, complaint, UUID.randomUUID(), name, machine);
    }

    /** A machine that is not on file yet. */
    public static String machine(UUID id, String kind, String maker, String... features) {
        return """
                {"id": "%s", "kind": "%s", "maker": "%s", "model": "M-1", "serial": "", "place": "", "features": [%s],
                 "ratings": {}, "version": 0}
                """.formatted(
                id, kind, maker, Stream.of(features).map("\"%s\""::formatted).collect(Collectors.joining(", ")));
    }

    /** The same call in another tab. */
    public Calls seenBy(Client other) {
        return new Calls(other, path);
    }

    /** What follows from it. */
    public Answer get() {
        return client.get(path + "/state");
    }

    /** As a device holds it. */
    public Answer held() {
        return client.get("/api/device/calls/" + id());
    }

    /** What the customer is given. */
    public JsonNode report() {
        return OnDevice.report(client, id());
    }

    /** Sends a command of that id. */
    public Answer send(UUID id, String change) {
        return send(id, System.currentTimeMillis(), change);
    }

    /** Sends a command that was made at some time. */
    public Answer send(UUID id, long at, String change) {
        return thenTheCall(sendOnly(id, at, change));
    }

    /** The same, without asking for the call afterwards. */
    public Answer sendOnly(UUID id, long at, String change) {
        return client.post("/api/commands", """
                {"sentAt": %d, "command": {"id": "%s", "call": "%s", "device": "%s", "seq": 1, "at": %d, "change": %s}}
                """.formatted(System.currentTimeMillis(), id, id(), device, at, change));
    }

    /** The call as it stands after something that was taken; otherwise why it was not. */
    private Answer thenTheCall(Answer answer) {
        return answer.status() == 200 ? get() : answer;
    }

    public Answer send(String change) {
        return send(UUID.randomUUID(), change);
    }

    public UUID id() {
        return UUID.fromString(path.substring(path.lastIndexOf('/') + 1));
    }

    public Answer enter(String kind, String subject, String answer) {
        return enter(UUID.randomUUID(), kind, subject, answer);
    }

    public Answer enter(UUID id, String kind, String subject, String answer) {
        return send(id, "{\"kind\": \"settle\", \"finding\": %s}".formatted(finding(kind, subject, answer)));
    }

    /** A finding as it is sent. */
    public static String finding(String kind, String subject, String answer) {
        return switch (kind) {
            case "SYMPTOM" ->
                "{\"kind\": \"symptom-settled\", \"symptom\": \"%s\", \"answer\": \"%s\", \"complaint\": false}"
                        .formatted(subject, answer.toUpperCase());
            case "COMPLAINT" ->
                "{\"kind\": \"symptom-settled\", \"symptom\": \"%s\", \"answer\": \"%s\", \"complaint\": true}"
                        .formatted(subject, answer.toUpperCase());
            case "FACT" ->
                "{\"kind\": \"fact-known\", \"fact\": \"%s\", \"choice\": \"%s\"}".formatted(subject, answer);
            case "CODE" -> "{\"kind\": \"code-read\", \"shown\": \"%s\"}".formatted(subject);
            case "CHECK" ->
                "{\"kind\": \"check-made\", \"check\": \"%s\", \"outcome\": \"%s\"}".formatted(subject, answer);
            case "REMEDY" ->
                "{\"kind\": \"remedy-tried\", \"remedy\": \"%s\", \"proved\": \"%s\"}"
                        .formatted(
                                subject,
                                answer.equals("done")
                                        ? "PENDING"
                                        : answer.toUpperCase().replace('-', '_'));
            default -> throw new IllegalArgumentException(kind);
        };
    }

    /** Enters what was read at a check. */
    public Answer measure(UUID id, String check, String typed) {
        return send(
                id,
                "{\"kind\": \"take-reading\", \"check\": \"%s\", \"typed\": %s, \"units\": \"METRIC\"}"
                        .formatted(check, typed));
    }

    /** Answers an entry otherwise. */
    public Answer correct(JsonNode entry, String answer, int version) {
        var finding = entry.path("finding");
        var other = switch (finding.path("kind").asString()) {
            case "symptom-settled" -> finding("SYMPTOM", finding.path("symptom").asString(), answer);
            case "fact-known" -> finding("FACT", finding.path("fact").asString(), answer);
            case "remedy-tried" -> finding("REMEDY", finding.path("remedy").asString(), answer);
            default -> finding("CHECK", finding.path("check").asString(), answer);
        };
        return send("{\"kind\": \"correct\", \"entry\": \"%s\", \"base\": %d, \"finding\": %s}"
                .formatted(entry.path("id").asString(), version, other));
    }

    public Answer correct(JsonNode entry, String answer) {
        return correct(entry, answer, entry.path("version").asInt());
    }

    public Answer takeBack(String entryId, int version) {
        return send("{\"kind\": \"take-back\", \"entry\": \"%s\", \"base\": %d}".formatted(entryId, version));
    }

    public Answer keepCaution(String caution) {
        return send("{\"kind\": \"confirm\", \"caution\": \"%s\"}".formatted(caution));
    }

    public Answer takeBackCaution(JsonNode kept) {
        return send("{\"kind\": \"unconfirm\", \"confirmation\": \"%s\"}"
                .formatted(kept.path("id").asString()));
    }

    public Answer complain(UUID id, String text) {
        return send(id, "{\"kind\": \"complain\", \"text\": \"%s\"}".formatted(text));
    }

    public Answer withdraw(String complaint) {
        return send("{\"kind\": \"withdraw\", \"complaint\": \"%s\"}".formatted(complaint));
    }

    public Answer usePart(UUID useId, String remedy, String partId, int count) {
        return send(
                useId,
                "{\"kind\": \"use-part\", \"remedy\": \"%s\", \"part\": \"%s\", \"used\": %d, \"source\": \"VAN\"}"
                        .formatted(remedy, partId, count));
    }

    public Answer putBack(UUID useId) {
        return send("{\"kind\": \"put-back\", \"use\": \"%s\"}".formatted(useId));
    }

    /** Says where the new part's serial number and the old part went. */
    public Answer describe(String useId, String serial, String oldPart) {
        return send("""
                {"kind": "describe-part", "use": "%s", "wasSerial": "", "wasOldPart": "UNSAID", "serial": "%s", "oldPart": "%s"}
                """.formatted(useId, serial, oldPart));
    }

    /** Writes a new line on the job sheet. */
    public Answer keep(String kind, UUID line, String what) {
        return change(kind, line, null, what);
    }

    public Answer keep(String kind, String what) {
        return keep(kind, UUID.randomUUID(), what);
    }

    /** Changes a line from what it was. */
    public Answer change(String kind, UUID line, String was, String what) {
        return send("{\"kind\": \"write\", \"line\": \"%s\", %s \"what\": %s}"
                .formatted(line, was == null ? "" : "\"was\": " + kinded(kind, was) + ",", kinded(kind, what)));
    }

    private static String kinded(String kind, String what) {
        return what.contains("\"kind\"")
                ? what
                : what.strip().replaceFirst("\\{", "{\"kind\": \"%s\", ".formatted(kind));
    }

    public Answer drop(String line, int version) {
        return send("{\"kind\": \"strike\", \"line\": \"%s\", \"base\": %d}".formatted(line, version));
    }

    /** Lays down pieces that the know-how knows. */
    public Answer lay(String... pieces) {
        var lines = Stream.of(pieces)
                .map(piece -> "\"%s\": \"%s\"".formatted(piece, UUID.randomUUID()))
                .collect(Collectors.joining(", "));
        return send("{\"kind\": \"lay-down\", \"lines\": {%s}}".formatted(lines));
    }

    public Answer photo(UUID photo, String line, byte[] bytes) {
        return thenTheCall(
                client.putPhoto(path + "/photos/" + photo + "?line=" + line + "&device=" + device + "&seq=1", bytes));
    }

    public Answer removePhoto(UUID photo) {
        return send("{\"kind\": \"remove-photo\", \"photo\": \"%s\"}".formatted(photo));
    }

    /** Puts all that is on the tray back as it should sit, in the order that the server gives. */
    public void rebuild() {
        var call = get().body();
        var pieces = call.path("job").path("pieces");
        for (var step : call.path("close").path("tray").path("wayBack")) {
            pieces.forEach(line -> {
                if (line.path("what").path("id").equals(step.path("piece"))) {
                    var what = ((ObjectNode) line.path("what")).deepCopy();
                    what.put("place", "BACK");
                    for (var group : what.path("screws")) {
                        ((ObjectNode) group).set("back", group.path("screws").path("count"));
                    }
                    what.set("confirmed", what.path("confirm"));
                    change(
                            "laid",
                            UUID.fromString(line.path("id").asString()),
                            line.path("what").toString(),
                            what.toString());
                }
            });
        }
    }

    public Answer fit(int version, String features) {
        return send("{\"kind\": \"fit\", \"base\": %d, \"features\": [%s]}".formatted(version, features));
    }

    public Answer rate(String ratings, String units) {
        return send("{\"kind\": \"rate\", \"typed\": %s, \"units\": \"%s\", \"was\": %s}"
                .formatted(ratings, units, get().body().path("machine").path("ratings")));
    }

    /** @param day since 1970 */
    public Answer plan(long day, int minute) {
        return move(DAY.toEpochDay(), HALF_PAST_NINE, day, minute);
    }

    public Answer move(long fromDay, int fromMinute, long day, int minute) {
        return send("{\"kind\": \"move\", \"fromDay\": %d, \"fromMinute\": %d, \"day\": %d, \"plannedAt\": %d}"
                .formatted(fromDay, fromMinute, day, minute));
    }

    public Answer close(int version, String reason) {
        return send("{\"kind\": \"close\", \"base\": %d, \"signOff\": \"%s\", \"advice\": \"Scrape the plates\"}"
                .formatted(version, reason));
    }

    public Answer reopen() {
        return send("{\"kind\": \"reopen\"}");
    }

    /** What is missing in a stage of its ring, in words. */
    static List<String> gaps(JsonNode call, String stage) {
        return call.path("ring")
                .valueStream()
                .filter(segment -> segment.path("stage").asString().equals(stage))
                .flatMap(segment -> segment.path("gaps").valueStream())
                .map(gap -> gap.path("text").asString())
                .toList();
    }

    public int version() {
        return get().body().path("head").path("version").asInt();
    }
}
