package grimygasket.load;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import grimygasket.e2e.installation.Installation;
import grimygasket.e2e.installation.Phone;
import java.io.IOException;
import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Pattern;

/**
 * Sends spoiled requests to every operation that the document of the interface names, and wants an answer in a sentence to each; then
 * everything that was taken has to be there to be reported, printed, exported and brought in again. Run by scripts/fuzz.
 */
final class Fuzz {
    /** What follows from a call depends on the time. */
    private static final long AS_OF = 1_900_000_000_000L;

    private static final Path DOCUMENT = Path.of("../docs/openapi.json");
    private static final List<String> ODD_TYPES = List.of(
            "application/json;charset=UTF-16",
            "application/x+json",
            "application/problem+json",
            "application/yaml",
            "application/cbor",
            "application/x-www-form-urlencoded",
            "text/csv",
            "text/plain",
            "application/*",
            "image/png",
            "multipart/form-data",
            "x");

    /** What nobody outside should read. */
    private static final Pattern INSIDE = Pattern.compile("Exception|reference chain|grimygasket\\.|java\\.|SQL|<html");

    /** Endless, or the end of the session. */
    private static final List<String> LEFT_OUT =
            List.of("/api/feed", "/meter", "/api/meters/{kind}/{check}", "/lost", "/password", "/api/colleagues");

    /** So often the ids are looked up anew. */
    private static final int IDS_EVERY = 500;

    /** So many signs are shown before and after the place where two answers part. */
    private static final int BEFORE = 60;

    private static final int AFTER = 100;

    private final Installation installation;
    private final Phone phone;
    private final Random random;
    private final JsonObject document;
    private final Spoiled spoiled;
    private final Map<String, List<String>> known;
    private final Map<Integer, Integer> statuses = new TreeMap<>();
    private final Map<String, Integer> wrong = new TreeMap<>();

    private Fuzz(Installation installation, long seed) throws IOException, InterruptedException {
        this.installation = installation;
        phone = new Phone(installation.address(), Installation.LOGIN);
        random = new Random(seed);
        document = JsonParser.parseString(Files.readString(DOCUMENT)).getAsJsonObject();
        known = known();
        spoiled = new Spoiled(document.getAsJsonObject("components").getAsJsonObject("schemas"), known, random);
    }

    public static void main(String[] args) throws Exception {
        int requests = Integer.parseInt(args[0]);
        try (var installation = new Installation(true)) {
            var fuzz = new Fuzz(installation, requests);
            var operations = fuzz.operations();
            for (int i = 0; i < requests; i++) {
                if (i % IDS_EVERY == 0) {
                    fuzz.known.put(Spoiled.ANY_ID, fuzz.ids());
                }
                fuzz.ask(operations.get(fuzz.random.nextInt(operations.size())));
            }
            int calls = fuzz.readAll();
            fuzz.prove();
            int again = fuzz.bringAllInAgain();
            fuzz.wrong.forEach((what, times) -> System.out.println(times + " × " + what));
            System.out.printf(
                    "%d spoiled requests to %d operations, answers by status %s, %s commands taken; %d calls reported, printed and exported, %d erased and brought in again: %d wrong%n",
                    requests,
                    operations.size(),
                    fuzz.statuses,
                    fuzz.column("select count(*) from command_log where outcome = 'APPLIED'")
                            .get(0),
                    calls,
                    again,
                    fuzz.wrong.size());
            if (!fuzz.wrong.isEmpty()) {
                throw new IllegalStateException(fuzz.wrong.size() + " wrong");
            }
        }
    }

    private record Operation(String method, String path, JsonObject form) {}

    private List<Operation> operations() {
        var operations = new ArrayList<Operation>();
        for (var path : document.getAsJsonObject("paths").entrySet()) {
            for (var method : path.getValue().getAsJsonObject().entrySet()) {
                if (LEFT_OUT.stream().noneMatch(path.getKey()::contains)) {
                    var operation = new Operation(
                            method.getKey().toUpperCase(Locale.ROOT),
                            path.getKey(),
                            method.getValue().getAsJsonObject());
                    operations.add(operation);
                    // Most that can be sent is a command.
                    for (int i = 0; i < 20 && path.getKey().equals("/api/commands"); i++) {
                        operations.add(operation);
                    }
                }
            }
        }
        return operations;
    }

    private Map<String, List<String>> known() {
        var values = new HashMap<String, List<String>>();
        var calls = column("select id from service_call");
        for (var name : List.of("call", "callId", "follows")) {
            values.put(name, calls);
        }
        values.put("machineId", column("select id from machine"));
        values.put("part", column("select id from part"));
        values.put("partId", values.get("part"));
        values.put("kind", List.of("dishwasher", "washing-machine", "tumble-dryer", "vacuum-cleaner", "toaster"));
        values.put("day", List.of("2026-11-26", "-0001-01-01", "+10000-01-01", "today"));
        values.put("symptom", List.of("smell", "gritty", "rattle", "no-drain", "film"));
        values.put("check", List.of("valve-ball", "bucket", "supply-temperature", "filter-look", "inlet-look"));
        values.put("remedy", List.of("replace-valve", "clean-filter", "clear-hose"));
        values.put("caution", List.of("shock", "glass", "scald"));
        values.put("section", List.of("faults", "symptoms", "checks", "remedies", "schools"));
        values.put("piece", List.of("filter-clogged", "smell", "bucket", "new-one"));
        values.put("number", List.of("1", "2", "0", "-1", "99999999999"));
        values.put("revision", values.get("number"));
        values.put("schoolId", List.of("how-often", "test-when"));
        values.put("choice", List.of("short", "first", "all"));
        values.put("gauge", List.of("drain-pump", "fill", "sealed-suction", "hardness"));
        values.put("text", List.of("4.2", "38", "drains slowly", "1e5", "ten"));
        values.put("maker", List.of("Corvanne", "corvanne", "Ostrelle"));
        values.put("currency", List.of("EUR"));
        return values;
    }

    /** Ids of entries, lines and commands, of whichever call. */
    private List<String> ids() {
        return column("""
                (select id from command_log order by seq desc limit 50)
                union all
                (select e.id from service_call c,
                        json_table(c.record, '$.story[*]' columns (id varchar(40) path '$.id')) e limit 100)
                union all
                (select e.id from service_call c,
                        json_table(c.record, '$.lines[*]' columns (id varchar(40) path '$.id')) e limit 100)
                """);
    }

    /** It takes longer than a proof of who one is holds. */
    private void prove() throws IOException, InterruptedException {
        installation.execute("delete from sign_in_try");
        answer("POST", "/api/session/proof", "{\"password\": \"" + Installation.PASSWORD + "\"}", 204);
    }

    private List<String> column(String sql) {
        return installation.rows(sql).stream().map(row -> row.get(0)).toList();
    }

    private void ask(Operation operation) throws InterruptedException {
        var path = operation.path;
        for (var name : names(path)) {
            var known = operation.path.startsWith("/api/gauges") ? "gauge" : name;
            path = path.replace("{" + name + "}", encoded(spoiled.text(known)));
        }
        if (operation.form.has("parameters")) {
            var query = new StringBuilder();
            for (var parameter : operation.form.getAsJsonArray("parameters")) {
                var member = parameter.getAsJsonObject();
                if (member.get("in").getAsString().equals("query") && random.nextInt(8) > 0) {
                    var name = member.get("name").getAsString();
                    query.append(query.isEmpty() ? "?" : "&")
                            .append(name)
                            .append('=')
                            .append(encoded(spoiled.text(name)));
                }
            }
            path += query;
        }
        var type = random.nextInt(6) > 0 ? "application/json" : ODD_TYPES.get(random.nextInt(ODD_TYPES.size()));
        send(operation.method, path, type, body(operation), operation.path);
    }

    private static List<String> names(String path) {
        return Pattern.compile("\\{([a-zA-Z]+)}")
                .matcher(path)
                .results()
                .map(found -> found.group(1))
                .toList();
    }

    private static String encoded(String text) {
        var some = text.length() > 300 ? text.substring(0, 300) : text;
        return URLEncoder.encode(some.isEmpty() ? "-" : some, StandardCharsets.UTF_8)
                .replace("+", "%20");
    }

    private String body(Operation operation) {
        if (!operation.form.has("requestBody") || random.nextInt(50) == 0) {
            return "";
        }
        var content = operation.form.getAsJsonObject("requestBody").getAsJsonObject("content");
        var schema = content.entrySet()
                .iterator()
                .next()
                .getValue()
                .getAsJsonObject()
                .getAsJsonObject("schema");
        var value = spoiled.of(schema, "body");
        var text = value.toString();
        return switch (random.nextInt(50)) {
            case 0 -> text.substring(0, text.length() / 2);
            case 1 -> "---\n" + text.replace("{", "").replace("}", "").replace(",\"", "\n\"");
            case 2 -> "\u00a1" + text;
            case 3 -> text.replace('"', '%') + "&50%";
            default -> text;
        };
    }

    private void send(String method, String path, String type, String body, String name) throws InterruptedException {
        var request = phone.request(path)
                .header("Content-Type", type)
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .build();
        try {
            look(phone.http().send(request, HttpResponse.BodyHandlers.ofString()), method + " " + name, body);
        } catch (IOException e) {
            wrong.merge(method + " " + name + ": no answer, " + e.getMessage(), 1, Integer::sum);
        }
    }

    private void look(HttpResponse<String> answer, String name, String body) {
        statuses.merge(answer.statusCode(), 1, Integer::sum);
        if (answer.statusCode() < 400) {
            return;
        }
        var kind = answer.headers().firstValue("Content-Type").orElse("");
        var text = answer.body();
        boolean isSaid = kind.startsWith("application/problem+json")
                && JsonParser.parseString(text).getAsJsonObject().has("detail")
                && !INSIDE.matcher(text).find();
        if (answer.statusCode() >= 500 || !isSaid) {
            wrong.merge(
                    name + " " + answer.statusCode() + " " + text.replaceAll("[0-9a-f-]{36}", "…"), 1, (one, more) -> {
                        return one + more;
                    });
            if (wrong.size() < 30) {
                System.out.println(name + " of " + body.substring(0, Math.min(600, body.length())) + " gives "
                        + answer.statusCode() + " " + text);
            }
        }
    }

    /** Reads all that there is of every call; each has to be there. */
    private int readAll() throws InterruptedException {
        var calls = column("select id from service_call");
        for (var call : calls) {
            for (var of : List.of("/state", "/report.pdf", "/call.json", "/dates.ics")) {
                var path = "/api/calls/" + call + of;
                try {
                    var answer = phone.http().send(phone.request(path).build(), HttpResponse.BodyHandlers.ofString());
                    boolean isThere =
                            answer.statusCode() == 200 || of.equals("/dates.ics") && answer.statusCode() < 500;
                    if (!isThere) {
                        wrong.merge("reading " + of + " " + answer.statusCode() + " " + answer.body(), 1, Integer::sum);
                    }
                } catch (IOException e) {
                    wrong.merge("reading " + of + ": " + e.getMessage(), 1, Integer::sum);
                }
            }
        }
        return calls.size();
    }

    /** Gives out all that is kept of every customer, erases them, and brings their calls in again: the same has to follow from each. */
    private int bringAllInAgain() throws IOException, InterruptedException {
        var files = new ArrayList<JsonElement>();
        var customers = column("select id from customer");
        for (var customer : customers) {
            JsonParser.parseString(answer("GET", "/api/customers/" + customer + "/customer.json", "", 200))
                    .getAsJsonObject()
                    .getAsJsonArray("calls")
                    .forEach(files::add);
        }
        // What other calls about a model have taught is no part of a call.
        installation.execute("delete from model_note");
        var states = new HashMap<String, String>();
        for (var file : files) {
            var state = stateOf(file);
            states.put(state, following(state));
        }
        for (var customer : customers) {
            answer("DELETE", "/api/customers/" + customer, "", 204);
        }
        for (var file : files) {
            answer("POST", "/api/call-documents", file.toString(), 200);
        }
        installation.execute("delete from model_note");
        for (var state : states.entrySet()) {
            var after = following(state.getKey());
            if (!state.getValue().equals(after)) {
                wrong.merge(
                        "something else follows from " + state.getKey() + ": " + parting(state.getValue(), after),
                        1,
                        Integer::sum);
            }
        }
        return files.size();
    }

    /** What follows from a call, on whosever round, as who brings it in has it; and a price without the zero behind it. */
    private String following(String state) throws IOException, InterruptedException {
        return answer("GET", state, "", 200)
                .replaceAll("\"account(Id)?\":\"[-0-9a-f]+\",", "")
                .replaceAll("(\"unitPrice\":\\d+\\.\\d)0\\b", "$1");
    }

    /** Where two texts part, and what each says from there. */
    private static String parting(String one, String other) {
        int at = 0;
        while (at < Math.min(one.length(), other.length()) && one.charAt(at) == other.charAt(at)) {
            at++;
        }
        return from(one, at) + " | " + from(other, at);
    }

    private static String from(String text, int at) {
        return text.substring(Math.max(0, at - BEFORE), Math.min(text.length(), at + AFTER));
    }

    private static String stateOf(JsonElement file) {
        var call = file.getAsJsonObject().getAsJsonObject("call");
        return "/api/calls/" + call.get("id").getAsString() + "/state?at=" + AS_OF;
    }

    private String answer(String method, String path, String body, int wanted)
            throws IOException, InterruptedException {
        var request = phone.request(path)
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .build();
        var answer = phone.http().send(request, HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != wanted) {
            wrong.merge(method + " " + path + " " + answer.statusCode() + " " + answer.body(), 1, Integer::sum);
        }
        return answer.body();
    }
}
