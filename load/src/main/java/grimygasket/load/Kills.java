package grimygasket.load;

import grimygasket.e2e.installation.Installation;
import grimygasket.e2e.installation.Phone;
import java.io.IOException;
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
    private static final Duration ANSWERED_WITHIN = Duration.ofSeconds(20);
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
                applications += installation.killOne(random) ? 1 : 0;
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
        private final int number;
        private final List<UUID> acknowledged = new ArrayList<>();
        private int repeats;
        private final Phone phone;

        Writer(String address, int number) throws IOException, InterruptedException {
            phone = new Phone(address, Installation.LOGIN);
            this.number = number;
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
            var change = """
                    {"kind": "settle", "finding": {"kind": "code-read", "shown": "%s"}}""".formatted(code);
            try {
                return phone.send(CALL, command, 1, change, ANSWERED_WITHIN) == 200;
            } catch (IOException e) {
                return false;
            }
        }
    }
}
