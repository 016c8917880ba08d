package grimygasket.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.UUID;
import java.util.stream.DoubleStream;

/**
 * How long a running installation takes to answer, and how much it sends: bytes compressed, milliseconds (median), and the
 * ratio to its bare session endpoint. It puts calls on the round of 5 January 2032, so it wants an installation of its own:
 * {@code Answers http://127.0.0.1:8080 maren PASSWORD}.
 */
final class Answers {
    private static final String DAY = "2032-01-05";
    private static final int WARM = 15;
    private static final int TIMED = 40;
    private static final List<String> SYMPTOMS =
            List.of("smell", "gritty", "rattle", "greasy", "film", "standing-water", "water-returns", "detergent-left");

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String address;
    private int bytes;

    private Answers(String address) {
        this.address = address;
    }

    public static void main(String[] args) throws IOException, InterruptedException {
        var answers = new Answers(args[0]);
        answers.send("GET", "/api/session", "");
        answers.send("POST", "/api/session", "login=" + args[1] + "&password=" + args[2]);
        answers.send("GET", "/api/session", "");
        answers.table();
    }

    private interface Request {
        void send() throws IOException, InterruptedException;
    }

    private void table() throws IOException, InterruptedException {
        System.out.println("| answer | bytes | ms | ratio |\n|---|---|---|---|");
        double bare = line("session", 1, () -> send("GET", "/api/session", ""));
        Deque<String> left = new ArrayDeque<>();
        var call = new String[1];
        line("entry", bare, () -> {
            if (left.isEmpty()) {
                left.addAll(SYMPTOMS);
                call[0] = add("2031-05-06");
            }
            symptom(call[0], left.pop());
        });
        line("opening a call", bare, () -> send("GET", "/api/device/calls/" + call[0], ""));
        var begun = new ArrayDeque<String>();
        for (int i = 0; i < WARM + TIMED; i++) {
            begun.add(add("2031-05-07"));
        }
        line("laying pieces", bare, () -> command(begun.pop(), """
                        {"kind": "lay-down", "lines": {"lower-rack": "%s", "filter": "%s"}}
                        """.formatted(UUID.randomUUID(), UUID.randomUUID())));
        int calls = 0;
        for (int wanted : new int[] {7, 50, 500}) {
            while (calls < wanted) {
                symptom(add(DAY), SYMPTOMS.get(calls++ % SYMPTOMS.size()));
            }
            line("round of " + wanted, bare, () -> send("GET", "/api/round/" + DAY, ""));
        }
    }

    private double line(String name, double bare, Request request) throws IOException, InterruptedException {
        for (int i = 0; i < WARM; i++) {
            request.send();
        }
        var times = new double[TIMED];
        for (int i = 0; i < TIMED; i++) {
            long begin = System.nanoTime();
            request.send();
            times[i] = (System.nanoTime() - begin) / 1e6;
        }
        double median = DoubleStream.of(Arrays.stream(times).sorted().toArray())
                .skip(TIMED / 2)
                .findFirst()
                .orElseThrow();
        System.out.printf("| %s | %d | %.1f | %.1f |%n", name, bytes, median, bare == 1 ? 1.0 : median / bare);
        return median;
    }

    private String add(String day) throws IOException, InterruptedException {
        var call = UUID.randomUUID().toString();
        command(call, """
                {"kind": "begin", "day": %d, "plannedAt": 570, "complaint": "Does not drain", "upkeep": false,
                 "customer": {"id": "%s", "name": "Tess Orrin", "street": "2 Weir Lane", "phone": ""},
                 "machine": {"id": "%s", "kind": "dishwasher", "maker": "Corvanne", "model": "DW-1", "serial": "",
                             "place": "", "features": ["air-gap", "return-valve"], "ratings": {}, "version": 0}}
                """.formatted(LocalDate.parse(day).toEpochDay(), UUID.randomUUID(), UUID.randomUUID()));
        return call;
    }

    private void symptom(String call, String symptom) throws IOException, InterruptedException {
        command(call, """
                {"kind": "settle", "finding": {"kind": "symptom-settled", "symptom": "%s", "answer": "YES", "complaint": false}}
                """.formatted(symptom));
    }

    private void command(String call, String change) throws IOException, InterruptedException {
        long now = System.currentTimeMillis();
        send("POST", "/api/commands", """
                {"sentAt": %1$d, "command": {"id": "%2$s", "call": "%3$s", "device": "%3$s", "seq": 1, "at": %1$d, "change": %4$s}}
                """.formatted(now, UUID.randomUUID(), call, change));
    }

    private void send(String method, String path, String body) throws IOException, InterruptedException {
        var type = body.startsWith("login=") ? "application/x-www-form-urlencoded" : "application/json";
        var request = HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", type)
                .header("Accept-Encoding", "gzip")
                .header("X-XSRF-TOKEN", token())
                .method(
                        method,
                        body.isEmpty()
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofString(body));
        var response = http.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
        if (response.statusCode() >= 400 && !path.equals("/api/session")) {
            throw new IOException(path + " answered " + response.statusCode() + ": " + new String(response.body()));
        }
        bytes = response.body().length;
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(cookie -> cookie.getValue())
                .findFirst()
                .orElse("none");
    }
}
