package grimygasket.load;

import grimygasket.e2e.installation.Installation;
import grimygasket.e2e.installation.Phone;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/**
 * Fifty technicians at once, each with a round and calls of their own, who think for a moment before everything they do, and each with a
 * second device that holds the feed. All fetch a part for every call from one store room. Prints how long they wait, what a change costs the
 * others, and whether counts and movements of parts agree in the end. Run by scripts/crowd.
 */
final class Crowd {
    private static final int TECHNICIANS = 50;
    private static final int ENTRIES_OF_A_CALL = 6;
    private static final double THINKING_MILLIS = 2000;
    private static final Duration PATIENCE = Duration.ofSeconds(20);
    private static final Duration WARMING = Duration.ofSeconds(30);

    private static final String SOMEBODY = """
            {"login": "crowd-%1$d", "name": "Technician %1$d", "password": "%2$s", "rank": "TECHNICIAN"}
            """;
    private static final String BEGIN = """
            {"kind": "begin", "day": %d, "plannedAt": 570, "complaint": "Does not drain", "upkeep": false,
             "customer": {"id": "%s", "name": "Tess Orrin", "street": "2 Weir Lane", "phone": ""},
             "machine": {"id": "%s", "kind": "dishwasher", "maker": "Corvanne", "model": "M-1", "serial": "", "place": "",
                         "features": ["air-gap", "return-valve"], "ratings": {}, "version": 0}}
            """;
    private static final String CODE = """
            {"kind": "settle", "finding": {"kind": "code-read", "shown": "Q%d"}}""";

    private static final String STORE = "00000000-0000-0000-0000-000000000000";
    private static final String VALVE = "0193a000-0000-7000-8000-000000000308";
    private static final String MOVE = """
            {"id": "%s", "reason": "%s", "count": %d, "van": "%s", "to": %s}""";
    private static final String USE = """
            {"kind": "use-part", "remedy": "replace-valve", "part": "%s", "used": 1, "source": "VAN"}""".formatted(VALVE);

    /** Each count of the part beside the sum of its movements, and beside the last of them. */
    private static final String COUNTS = """
            select count(*), sum(s.on_van = m.moved), sum(s.on_van),
                   sum(if(s.account_id = '%1$s', s.on_van, 0))
            from van_stock s
            join (select account_id, part_id, sum(moved) as moved from part_move group by account_id, part_id) m
                 on m.account_id = s.account_id and m.part_id = s.part_id
            where s.part_id = '%2$s'
            """.formatted(STORE, VALVE);

    private static final String MOVED = """
            select sum(reason = 'GIVEN' and moved < 0), sum(reason = 'USED'), sum(if(reason = 'USED', moved, 0)) from part_move
            where part_id = '%s'
            """.formatted(VALVE);
    private static final int IN_STORE = 900;

    private Crowd() {}

    public static void main(String[] args) throws Exception {
        var pool = Executors.newFixedThreadPool(TECHNICIANS);
        try (var installation = new Installation(true)) {
            var owner = new Phone(installation.address(), Installation.LOGIN);
            owner.move(VALVE, MOVE.formatted(UUID.randomUUID(), "RECEIVED", IN_STORE, STORE, null));
            var before = Integer.parseInt(installation.rows(COUNTS).get(0).get(2));
            var seconds = new ArrayList<Listening>();
            for (int i = 0; i < TECHNICIANS; i++) {
                var account = UUID.randomUUID().toString();
                owner.put("/api/colleagues/" + account, SOMEBODY.formatted(i, Installation.PASSWORD));
                seconds.add(new Listening(new Phone(installation.address(), "crowd-" + i), account));
            }
            long begin = System.nanoTime() + WARMING.toNanos();
            long end = begin + TimeUnit.MINUTES.toNanos(Integer.parseInt(args[0]));
            var days = new ArrayList<Future<Technician>>();
            for (int i = 0; i < TECHNICIANS; i++) {
                var technician = new Technician(
                        new Phone(installation.address(), "crowd-" + i),
                        seconds.get(i).account(),
                        i);
                days.add(pool.submit(() -> technician.work(begin, end)));
            }
            var all = new TreeMap<String, List<Double>>();
            int failed = 0;
            for (var day : days) {
                failed += day.get().failed;
                day.get().millis.forEach((what, millis) -> {
                    all.computeIfAbsent(what, unused -> new ArrayList<>()).addAll(millis);
                    all.computeIfAbsent("all", unused -> new ArrayList<>()).addAll(millis);
                });
            }
            System.out.println("| fifty at once | requests | median ms | 95th | 99th | 95th to median |");
            System.out.println("|---|---|---|---|---|---|");
            all.forEach(Crowd::print);
            seconds.forEach(Listening::close);
            int changes = seconds.stream().mapToInt(Listening::heard).max().orElse(0);
            int followed = seconds.stream().mapToInt(Listening::requests).sum();
            failed += seconds.stream().mapToInt(Listening::failed).sum();
            System.out.printf("%d technicians, %d requests failed%n", TECHNICIANS, failed);
            System.out.printf(
                    Locale.ROOT,
                    "%d technicians, %d feeds: %d changes, %.2f requests of all others together for each%n",
                    TECHNICIANS,
                    seconds.size(),
                    changes,
                    (double) followed / changes);
            var counts = installation.rows(COUNTS).get(0);
            var moved = installation.rows(MOVED).get(0);
            System.out.printf(
                    "%d technicians, one store room: %s parts fetched, %s used; %s of %s counts are the sum of their movements, %s parts there, %d expected%n",
                    TECHNICIANS,
                    moved.get(0),
                    moved.get(1),
                    counts.get(1),
                    counts.get(0),
                    counts.get(2),
                    before + Integer.parseInt(moved.get(2)));
        } finally {
            pool.shutdownNow();
        }
    }

    private static void print(String what, List<Double> millis) {
        var sorted = millis.stream().sorted().toList();
        double median = share(sorted, 0.5);
        double late = share(sorted, 0.95);
        System.out.printf(
                Locale.ROOT,
                "| %s | %d | %.0f | %.0f | %.0f | %.1f |%n",
                what,
                sorted.size(),
                median,
                late,
                share(sorted, 0.99),
                late / median);
    }

    private static double share(List<Double> sorted, double share) {
        return sorted.get((int) (share * (sorted.size() - 1)));
    }

    private static final class Technician {
        private final Phone phone;
        private final String account;
        private final Random random;
        private final Map<String, List<Double>> millis = new TreeMap<>();
        private long begin;
        private int failed;
        private long seq;

        Technician(Phone phone, String account, int number) {
            this.phone = phone;
            this.account = account;
            this.random = new Random(number);
        }

        Technician work(long from, long end) throws IOException, InterruptedException {
            begin = from;
            while (System.nanoTime() < end) {
                var call = UUID.randomUUID().toString();
                var beginning = BEGIN.formatted(LocalDate.now().toEpochDay(), UUID.randomUUID(), UUID.randomUUID());
                timed("begin", () -> phone.send(call, UUID.randomUUID(), ++seq, beginning, PATIENCE));
                timed("round", () -> status("/api/round"));
                timed("opening a call", () -> status("/api/device/calls/" + call));
                for (int i = 0; i < ENTRIES_OF_A_CALL && System.nanoTime() < end; i++) {
                    var code = CODE.formatted(++seq);
                    timed("entry", () -> phone.send(call, UUID.randomUUID(), seq, code, PATIENCE));
                }
                var fetch = MOVE.formatted(UUID.randomUUID(), "GIVEN", 1, STORE, '"' + account + '"');
                timed("fetching a part", () -> phone.move(VALVE, fetch));
                timed("using it", () -> phone.send(call, UUID.randomUUID(), ++seq, USE, PATIENCE));
                timed("report", () -> status("/api/calls/" + call + "/report.pdf"));
            }
            return this;
        }

        private int status(String path) throws IOException, InterruptedException {
            return phone.http()
                    .send(phone.request(path).build(), HttpResponse.BodyHandlers.ofString())
                    .statusCode();
        }

        private interface Request {
            int send() throws IOException, InterruptedException;
        }

        private void timed(String what, Request request) throws IOException, InterruptedException {
            Thread.sleep((long) (-THINKING_MILLIS * Math.log(1 - random.nextDouble())));
            long start = System.nanoTime();
            int status = request.send();
            if (start > begin) {
                millis.computeIfAbsent(what, unused -> new ArrayList<>()).add((System.nanoTime() - start) / 1e6);
                if (status != 200) {
                    failed++;
                    System.out.println(what + " was answered by " + status);
                }
            }
        }
    }
}
