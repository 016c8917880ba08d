package grimygasket.load;

import grimygasket.e2e.installation.Installation;
import grimygasket.e2e.installation.Phone;
import grimygasket.e2e.installation.Servers;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * A day of many devices in some minutes: each does its work, now with signal and now without, loses answers and sends again, while
 * application and database are killed. Then everything that was acknowledged has to be there, once, in the order of its device. Run by
 * scripts/soak.
 */
final class Soak {
    private static final int DEVICES = 50;
    private static final int KILL_EVERY_MILLIS = 15_000;
    private static final List<String> CALLS = List.of("403", "404", "405", "406", "407").stream()
            .map(end -> "0193a000-0000-7000-8000-000000000" + end)
            .toList();
    private static final List<String> SYMPTOMS =
            List.of("smell", "gritty", "rattle", "greasy", "film", "detergent-left");
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    /** So little that many an answer is lost on its way. */
    private static final Duration WEAK_SIGNAL = Duration.ofMillis(40);

    private Soak() {}

    /**
     * Something done, and what the server said in the end.
     *
     * @param trace what its call has to hold once if it was taken; null where others may have done the same
     */
    private record Done(UUID id, String call, String trace, int status) {}

    public static void main(String[] args) throws Exception {
        var random = new Random();
        try (var installation = new Installation(true)) {
            day(installation, new Plan(Integer.parseInt(args[0]), 0, 0), () -> {
                Thread.sleep(random.nextInt(KILL_EVERY_MILLIS));
                installation.killOne(random);
            });
        }
    }

    /** Something that goes wrong meanwhile, and is put right again. */
    interface Mishap {
        void happen() throws IOException, InterruptedException;
    }

    /**
     * What a day has to bring before it ends.
     *
     * @param commands at least so many, of all devices together
     * @param mishaps at least so many
     * @param pauseMillis the longest that a device rests between two commands
     */
    record Plan(int commands, int mishaps, int pauseMillis) {}

    /** @param mishap happens again and again, until all is done */
    static void day(Servers servers, Plan plan, Mishap mishap)
            throws IOException, InterruptedException, ExecutionException {
        var pool = Executors.newFixedThreadPool(DEVICES);
        try {
            var part = servers.rows("select id from part where number = 'RV-20'")
                    .get(0)
                    .get(0);
            var mishaps = new AtomicInteger();
            var devices = new ArrayList<Device>();
            for (int i = 0; i < DEVICES; i++) {
                var login = i % 2 == 0 ? Installation.LOGIN : "rollo";
                devices.add(new Device(new Phone(servers.address(), login), i, part, plan, mishaps));
            }
            int valves = valves(servers);
            var days = new ArrayList<Future<List<Done>>>();
            devices.forEach(device -> days.add(pool.submit(device::work)));
            while (!days.stream().allMatch(Future::isDone)) {
                mishap.happen();
                mishaps.incrementAndGet();
            }
            var done = new ArrayList<Done>();
            for (var day : days) {
                done.addAll(day.get());
            }
            int again = devices.stream().mapToInt(device -> device.again).sum();
            var wrong = new ArrayList<String>();
            wrong.addAll(notAsSaid(done, servers));
            wrong.addAll(outOfOrder(devices, servers));
            wrong.addAll(unequal(devices));
            if (valves(servers) != valves) {
                wrong.add("There were " + valves + " return valves, and there are " + valves(servers));
            }
            wrong.forEach(System.out::println);
            long taken = done.stream().filter(one -> one.status == 200).count();
            System.out.printf(
                    "%d devices, %d commands, %d of them taken and the rest refused, %d sent again, %d kills: %d wrong%n",
                    DEVICES, done.size(), taken, again, mishaps.get(), wrong.size());
            if (!wrong.isEmpty()) {
                throw new IllegalStateException(wrong.size() + " wrong");
            }
        } finally {
            pool.shutdownNow();
            pool.awaitTermination(1, TimeUnit.MINUTES);
        }
    }

    /** What is not in the log once with the outcome that its device was told, or not in its call once if it was taken. */
    private static List<String> notAsSaid(List<Done> done, Servers servers) {
        Map<String, List<String>> outcomes = new HashMap<>();
        servers.rows("select id, outcome from command_log where kind <> 'repeat'")
                .forEach(row -> outcomes.computeIfAbsent(row.get(0), unused -> new ArrayList<>())
                        .add(row.get(1)));
        var held = new HashMap<String, Integer>();
        servers.rows("""
                        select concat(c.id, ' ', e.trace) from service_call c,
                               json_table(c.record, '$.story[*].finding' columns (trace varchar(40) path '$.shown')) e
                        where e.trace is not null
                        union all
                        select concat(c.id, ' ', e.trace) from service_call c,
                               json_table(c.record, '$.parts[*]' columns (trace varchar(40) path '$.id')) e
                        """).forEach(row -> held.merge(row.get(0), 1, Integer::sum));
        var wrong = new ArrayList<String>();
        for (var one : done) {
            var outcome = outcomes.getOrDefault(one.id.toString(), List.of());
            boolean taken = outcome.equals(List.of("APPLIED")) || outcome.equals(List.of("SAME"));
            if (outcome.size() != 1 || taken != (one.status == 200)) {
                wrong.add(one + " stands in the log as " + outcome);
            }
            int times = one.trace == null ? 1 : held.getOrDefault(one.call + " " + one.trace, 0);
            if (taken && times != 1) {
                wrong.add(one + " stands in its call " + times + " times");
            }
        }
        return wrong;
    }

    /** Devices whose commands are not in the log in the order in which they were done. */
    private static List<String> outOfOrder(List<Device> devices, Servers servers) {
        return devices.stream()
                .filter(device -> {
                    var order = servers.rows(
                            "select device_seq from command_log where device = '%s' and kind <> 'repeat' order by seq"
                                    .formatted(device.phone.device()));
                    var places = order.stream()
                            .map(row -> Long.parseLong(row.get(0)))
                            .toList();
                    return !places.equals(places.stream().sorted().toList());
                })
                .map(device -> "Device " + device.number + " is out of order")
                .toList();
    }

    /** Calls of which two devices have different records, and stock that is not what was used. */
    private static List<String> unequal(List<Device> devices) throws IOException, InterruptedException {
        var wrong = new ArrayList<String>();
        for (var call : CALLS) {
            var records = new HashMap<String, Integer>();
            for (var device : devices) {
                records.merge(record(device.phone, call), device.number, (one, other) -> one);
            }
            if (records.size() != 1) {
                wrong.add("Of call " + call + " there are " + records.size() + " records");
            }
        }
        return wrong;
    }

    /** A call as a device is told it; what was killed last may still be coming back. */
    private static String record(Phone phone, String call) throws IOException, InterruptedException {
        for (int i = 0; i < 60; i++) {
            var held = phone.get("/api/device/calls/" + call);
            int end = held.indexOf("\"knowhow\":\"");
            if (end >= 0) {
                return held.substring(0, end);
            }
            Thread.sleep(1_000);
        }
        throw new IllegalStateException("Nobody tells call " + call);
    }

    /** Return valves, used and left: none comes, none goes. */
    private static int valves(Servers servers) {
        return Integer.parseInt(servers.rows("""
                        select (select coalesce(sum(e.used), 0) from service_call c,
                                       json_table(c.record, '$.parts[*]' columns (used int path '$.used', number varchar(20) path '$.number')) e
                                where e.number = 'RV-20')
                             + (select sum(s.on_van) from van_stock s join part p on p.id = s.part_id where p.number = 'RV-20')
                        """).get(0).get(0));
    }

    /** Somebody with a phone. */
    private static final class Device {
        private final Phone phone;
        private final int number;
        private final String part;
        private final Plan plan;
        private final AtomicInteger mishaps;
        private final Random random;
        private int again;

        /** @param mishaps how many there have been */
        Device(Phone phone, int number, String part, Plan plan, AtomicInteger mishaps) {
            this.phone = phone;
            this.number = number;
            this.part = part;
            this.plan = plan;
            this.mishaps = mishaps;
            random = new Random(number);
        }

        List<Done> work() throws InterruptedException {
            var done = new ArrayList<Done>();
            for (int i = 0; i < plan.commands / DEVICES || mishaps.get() < plan.mishaps; i++) {
                Thread.sleep(random.nextInt(plan.pauseMillis + 1));
                if (random.nextInt(20) == 0) {
                    // No signal for a while: what is done then waits, and goes out in its order.
                    Thread.sleep(random.nextInt(3_000));
                }
                var id = UUID.randomUUID();
                var call = CALLS.get(random.nextInt(CALLS.size()));
                int what = random.nextInt(10);
                var code = "S" + number + "-" + i;
                if (what < 6) {
                    done.add(new Done(id, call, code, sent(call, id, i + 1, code(code))));
                } else if (what < 9) {
                    done.add(new Done(id, call, null, sent(call, id, i + 1, symptom())));
                } else {
                    done.add(new Done(id, call, id.toString(), sent(call, id, i + 1, usesAPart())));
                }
            }
            return done;
        }

        private int sent(String call, UUID id, long seq, String change) throws InterruptedException {
            for (; ; again++) {
                try {
                    var patience = random.nextInt(4) == 0 ? WEAK_SIGNAL : PATIENCE;
                    int status = phone.send(call, id, seq, change, patience);
                    if (status < 500) {
                        return status;
                    }
                } catch (IOException e) {
                    // No answer: perhaps it was taken, perhaps not.
                }
                Thread.sleep(100);
            }
        }

        private static String code(String code) {
            return """
                    {"kind": "settle", "finding": {"kind": "code-read", "shown": "%s"}}""".formatted(code);
        }

        private String symptom() {
            return """
                    {"kind": "settle", "finding": {"kind": "symptom-settled", "symptom": "%s", "answer": "%s", "complaint": false}}""".formatted(SYMPTOMS.get(random.nextInt(SYMPTOMS.size())), random.nextBoolean() ? "YES" : "NO");
        }

        private String usesAPart() {
            return """
                    {"kind": "use-part", "remedy": "replace-valve", "part": "%s", "used": 1, "source": "VAN"}""".formatted(part);
        }
    }
}
