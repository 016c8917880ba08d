package grimygasket.e2e;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;

/**
 * Kills the application or its database again and again while some people enter things, and then looks whether everything that
 * was acknowledged is there, once. Run by scripts/kills.
 */
final class Kills {
    private static final int WRITERS = 3;
    private static final int LONGEST_MILLIS = 1500;
    private static final String CALL = "0193a000-0000-7000-8000-000000000404";

    private Kills() {}

    public static void main(String[] args) throws Exception {
        int kills = Integer.parseInt(args[0]);
        var random = new Random(kills);
        var go = new AtomicBoolean(true);
        var pool = Executors.newFixedThreadPool(WRITERS);
        try (var installation = new Installation(true)) {
            var writers = new ArrayList<Future<Writer>>();
            for (int i = 0; i < WRITERS; i++) {
                var writer = new Writer(installation.address(), i);
                writers.add(pool.submit(() -> writer.write(go)));
            }
            int applications = 0;
            for (int i = 0; i < kills; i++) {
                Thread.sleep(random.nextInt(LONGEST_MILLIS));
                if (random.nextBoolean()) {
                    installation.killApplication();
                    installation.startApplication();
                    applications++;
                } else {
                    installation.killDatabase();
                    installation.startDatabase();
                }
            }
            go.set(false);
            int acknowledged = 0;
            int repeats = 0;
            var missing = new ArrayList<UUID>();
            var twice = new ArrayList<UUID>();
            for (var done : writers) {
                var writer = done.get();
                repeats += writer.repeats;
                for (var command : writer.acknowledged) {
                    acknowledged++;
                    var log = installation.rows("select outcome from command_log where id = '" + command + "'");
                    var record = installation.rows("""
                            select e.id from service_call c,
                                   json_table(c.record, '$.story[*]' columns (id varchar(40) path '$.id')) e
                            where c.id = '%2$s' and e.id = '%1$s'
                            """.formatted(command, CALL));
                    if (log.size() != 1 || record.size() != 1) {
                        (record.size() > 1 ? twice : missing).add(command);
                        System.out.println(command + ", number " + writer.acknowledged.indexOf(command) + " of "
                                + writer.acknowledged.size() + ": in the log " + log + ", in the record " + record);
                    }
                }
            }
            System.out.printf(
                    "%d kills (%d of the application, %d of the database), %d commands acknowledged, %d sent again, %d missing, %d twice%n",
                    kills, applications, kills - applications, acknowledged, repeats, missing.size(), twice.size());
            if (!missing.isEmpty() || !twice.isEmpty()) {
                throw new IllegalStateException("missing " + missing + ", twice " + twice);
            }
        } finally {
            pool.shutdownNow();
            pool.awaitTermination(1, TimeUnit.MINUTES);
        }
    }

    /** Somebody who enters one code after another, each until it is acknowledged. */
    private static final class Writer {
        private final String address;
        private final int number;
        private final List<UUID> acknowledged = new ArrayList<>();
        private int repeats;
        private final CookieManager cookies = new CookieManager();
        private final HttpClient http = HttpClient.newBuilder()
                .cookieHandler(cookies)
                .connectTimeout(Duration.ofSeconds(5))
                .build();

        Writer(String address, int number) throws IOException, InterruptedException {
            this.address = address;
            this.number = number;
            send("GET", "/api/session", "", "application/json");
            send(
                    "POST",
                    "/api/session",
                    "login=" + Installation.LOGIN + "&password=" + Installation.PASSWORD,
                    "application/x-www-form-urlencoded");
            send("GET", "/api/session", "", "application/json");
        }

        Writer write(AtomicBoolean go) throws InterruptedException {
            for (int i = 0; go.get(); i++) {
                var command = UUID.randomUUID();
                var code = "W" + number + "-" + i;
                while (!isTaken(command, code)) {
                    repeats++;
                    Thread.sleep(100);
                }
                acknowledged.add(command);
                Thread.sleep(50);
            }
            return this;
        }

        private boolean isTaken(UUID command, String code) throws InterruptedException {
            long now = System.currentTimeMillis();
            var body = """
                    {"sentAt": %1$d, "command": {"id": "%2$s", "call": "%3$s", "device": "%3$s", "seq": 1, "at": %1$d,
                     "change": {"kind": "settle", "finding": {"kind": "code-read", "shown": "%4$s"}}}}
                    """.formatted(now, command, CALL, code);
            try {
                return send("POST", "/api/commands", body, "application/json") == 200;
            } catch (IOException e) {
                return false;
            }
        }

        private int send(String method, String path, String body, String type)
                throws IOException, InterruptedException {
            var request = HttpRequest.newBuilder(URI.create(address + path))
                    .timeout(Duration.ofSeconds(20))
                    .header("Content-Type", type)
                    .header("X-XSRF-TOKEN", token())
                    .method(
                            method,
                            body.isEmpty()
                                    ? HttpRequest.BodyPublishers.noBody()
                                    : HttpRequest.BodyPublishers.ofString(body));
            return http.send(request.build(), HttpResponse.BodyHandlers.discarding())
                    .statusCode();
        }

        private String token() {
            return cookies.getCookieStore().getCookies().stream()
                    .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                    .map(cookie -> cookie.getValue())
                    .findFirst()
                    .orElse("none");
        }
    }
}
