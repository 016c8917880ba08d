package grimygasket.load;

import grimygasket.e2e.installation.Installation;
import grimygasket.e2e.installation.Phone;
import grimygasket.e2e.installation.Script;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/**
 * Twenty devices that keep what was acknowledged, as the page does, while application and database are killed, and the database is three
 * times put back to an older backup. Then everything that any device was told is kept has to be there, once. Run by scripts/restores.
 */
final class RestoreSoak {
    private static final int DEVICES = 20;
    private static final int RESTORES = 3;
    private static final int TAKEN = 200;
    private static final int NO_ANSWER = 503;
    private static final int LONGEST_BETWEEN_KILLS_MILLIS = 3_000;
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    /** So little that many an answer is lost on its way. */
    private static final Duration WEAK_SIGNAL = Duration.ofMillis(40);

    private static final List<String> CALLS = List.of("403", "404", "405", "406", "407").stream()
            .map(end -> "0193a000-0000-7000-8000-000000000" + end)
            .toList();

    private final Random random = new Random(7);
    private final Path folder;
    private final Installation installation;

    private RestoreSoak(Path folder) throws IOException, InterruptedException {
        this.folder = folder;
        installation = new Installation(true, Files.createDirectory(folder.resolve("db")));
    }

    public static void main(String[] args) throws Exception {
        int kills = Integer.parseInt(args[0]);
        var folder = Files.createTempDirectory("gasket-restores");
        var soak = new RestoreSoak(folder);
        try {
            soak.run(kills);
        } finally {
            soak.installation.close();
            Installation.delete(folder);
        }
    }

    private void run(int kills) throws Exception {
        var pool = Executors.newFixedThreadPool(DEVICES);
        var devices = new ArrayList<Device>();
        for (int i = 0; i < DEVICES; i++) {
            devices.add(new Device(new Phone(installation.address(), i % 2 == 0 ? Installation.LOGIN : "rollo"), i));
        }
        var days = new ArrayList<Future<Device>>();
        devices.forEach(device -> days.add(pool.submit(device::work)));
        try {
            int lost = 0;
            for (int i = 0; i < RESTORES; i++) {
                kill(kills / (2 * RESTORES));
                backUp();
                kill(kills / (2 * RESTORES));
                lost += restore();
            }
            devices.forEach(device -> device.goes = false);
            for (var day : days) {
                day.get(10, TimeUnit.MINUTES);
            }
            look(devices, kills, lost);
        } finally {
            pool.shutdownNow();
            pool.awaitTermination(1, TimeUnit.MINUTES);
        }
    }

    private void kill(int times) throws IOException, InterruptedException {
        for (int i = 0; i < times; i++) {
            Thread.sleep(random.nextInt(LONGEST_BETWEEN_KILLS_MILLIS));
            installation.killOne(random);
        }
    }

    private void backUp() throws IOException, InterruptedException {
        said(Script.run("backup", "--of", folder.resolve("db"), "--to", folder));
    }

    /** @return how many commands the backup lacks */
    private int restore() throws IOException, InterruptedException {
        int before = commands();
        installation.killApplication();
        installation.stopDatabase();
        try (var files = Files.list(folder)) {
            var backup = files.filter(file -> file.toString().endsWith(".tar.gz"))
                    .max(Path::compareTo)
                    .orElseThrow();
            said(Script.run("restore", backup, "--to", folder.resolve("db")));
        }
        installation.startDatabase();
        int lost = before - commands();
        installation.startApplication();
        return lost;
    }

    private int commands() {
        return Integer.parseInt(installation
                .rows("select count(*) from command_log where kind <> 'repeat'")
                .get(0)
                .get(0));
    }

    private static void said(Script script) {
        if (script.status() != 0) {
            throw new IllegalStateException(script.said());
        }
    }

    private void look(Collection<Device> devices, int kills, int lost) {
        var held = new HashMap<String, Integer>();
        installation.rows("""
                        select concat(c.id, ' ', e.shown) from service_call c,
                               json_table(c.record, '$.story[*].finding' columns (shown varchar(40) path '$.shown')) e
                        where e.shown like 'S%'
                        """).forEach(row -> held.merge(row.get(0), 1, Integer::sum));
        int missing = 0;
        int twice = 0;
        int acknowledged = 0;
        int returned = 0;
        for (var device : devices) {
            returned += device.returned;
            for (var one : device.acknowledged) {
                acknowledged++;
                int times = held.getOrDefault(one.call + " " + one.code, 0);
                missing += times == 0 ? 1 : 0;
                twice += times > 1 ? 1 : 0;
            }
        }
        System.out.printf(
                "%d devices, %d restores, %d kills: %d commands acknowledged, %d that the backups lacked, %d offered again, %d missing, %d twice%n",
                DEVICES, RESTORES, kills, acknowledged, lost, returned, missing, twice);
        if (missing + twice > 0) {
            throw new IllegalStateException(missing + " missing, " + twice + " twice");
        }
    }

    private record Entered(UUID id, String call, String code, long seq, boolean returned) {}

    /** Somebody with a phone, which keeps what was acknowledged. */
    private static final class Device {
        private final Phone phone;
        private final int number;
        private final Random random;
        private final List<Entered> waiting = new ArrayList<>();
        private final List<Entered> acknowledged = new ArrayList<>();
        private String history;
        private int returned;
        private volatile boolean goes = true;

        Device(Phone phone, int number) {
            this.phone = phone;
            this.number = number;
            random = new Random(number);
            history = phone.history();
        }

        Device work() throws InterruptedException {
            for (int i = 1; goes; i++) {
                var call = CALLS.get(random.nextInt(CALLS.size()));
                waiting.add(new Entered(UUID.randomUUID(), call, "S" + number + "-" + i, i, false));
                // Without signal for a while: what is done then waits.
                if (random.nextInt(20) > 0) {
                    flush();
                }
                Thread.sleep(random.nextInt(400));
            }
            flush();
            // The last restore may be what it has not heard of yet.
            hear(true);
            flush();
            return this;
        }

        private void flush() throws InterruptedException {
            while (!waiting.isEmpty()) {
                var next = waiting.get(0);
                int status = sent(next);
                if (status == TAKEN) {
                    acknowledged.add(next);
                }
                // One that is refused, as its call is closed, was never said to be kept.
                if (status < 500) {
                    waiting.remove(next);
                }
                hear(false);
            }
        }

        /** Where the server's log is another one, what was acknowledged waits again, before all else and in its order. */
        private void hear(boolean asks) throws InterruptedException {
            while (asks) {
                try {
                    if (phone.get("/api/session").contains("\"login\"")) {
                        break;
                    }
                } catch (IOException e) {
                    Thread.sleep(200);
                }
            }
            if (phone.history() != null && !phone.history().equals(history)) {
                history = phone.history();
                var back = acknowledged.stream()
                        .map(one -> new Entered(one.id, one.call, one.code, one.seq, true))
                        .toList();
                returned += back.size();
                acknowledged.clear();
                waiting.addAll(0, back);
            }
        }

        /** What the server says in the end; 503 where it has said nothing. */
        private int sent(Entered one) throws InterruptedException {
            var change = """
                    {"kind": "settle", "finding": {"kind": "code-read", "shown": "%s"}}""".formatted(one.code);
            try {
                var patience = random.nextInt(4) == 0 ? WEAK_SIGNAL : PATIENCE;
                int status = phone.send(one.call, one.id, one.seq, change, one.returned, patience);
                if (status < 500) {
                    return status;
                }
            } catch (IOException e) {
                // No answer: perhaps it was taken, perhaps not.
            }
            Thread.sleep(100);
            return NO_ANSWER;
        }
    }
}
