package grimygasket.load;

import grimygasket.e2e.installation.Installation;
import grimygasket.e2e.installation.Phone;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/** How long somebody waits for the round, and for an entry, while slow senders hold connections open. Run by scripts/slow. */
final class SlowBodies {
    private static final String CALL = "0193a000-0000-7000-8000-000000000404";

    /** So often a slow sender that was sent away begins anew. */
    private static final int AGAIN_MILLIS = 200;

    private SlowBodies() {}

    public static void main(String[] args) throws Exception {
        int requests = Integer.parseInt(args[0]);
        try (var installation = new Installation(true)) {
            var phone = new Phone(installation.address(), Installation.LOGIN);
            times(phone, requests);
            System.out.println("| slow senders | median, ms | 95th, ms | 95th against quiet |");
            System.out.println("|---|---|---|---|");
            double quiet = row("none", times(phone, requests), 0);
            try (var slow = new Slow(installation.address(), 300, 1)) {
                slow.begin();
                row("300 from one address", times(phone, requests), quiet);
            }
            try (var slow = new Slow(installation.address(), 50, 20)) {
                slow.begin();
                row("50 from each of 20 addresses", times(phone, requests), quiet);
            }
        }
    }

    private static double row(String senders, List<Double> millis, double quiet) {
        double median = millis.get(millis.size() / 2);
        double high = millis.get(millis.size() * 95 / 100);
        System.out.printf(
                Locale.ROOT, "| %s | %.0f | %.0f | %.2f |%n", senders, median, high, quiet == 0 ? 1 : high / quiet);
        return high;
    }

    /** Sorted; half of them are looks, half entries. */
    private static List<Double> times(Phone phone, int requests) throws IOException, InterruptedException {
        var millis = new ArrayList<Double>();
        for (int i = 0; i < requests; i++) {
            long began = System.nanoTime();
            if (i % 2 == 0) {
                if (!phone.get("/api/round").contains("calls")) {
                    throw new IllegalStateException("there is no round");
                }
            } else {
                phone.enterCode(CALL, "S" + System.nanoTime());
            }
            millis.add((System.nanoTime() - began) / 1e6);
        }
        return millis.stream().sorted().toList();
    }

    /** Senders that say that they have something to say, and then nearly nothing; whoever is sent away comes back. */
    private static final class Slow implements AutoCloseable {
        private final List<Thread> threads = new ArrayList<>();
        private volatile boolean goes = true;

        Slow(String address, int each, int addresses) {
            int port = URI.create(address).getPort();
            IntStream.range(0, each * addresses).forEach(i -> {
                var thread = new Thread(() -> send(port, "127.0.0." + (2 + i % addresses)));
                thread.setDaemon(true);
                threads.add(thread);
            });
        }

        void begin() throws InterruptedException {
            threads.forEach(Thread::start);
            Thread.sleep(2_000);
        }

        private void send(int port, String from) {
            while (goes) {
                try (var socket =
                        new Socket(InetAddress.getByName("127.0.0.1"), port, InetAddress.getByName(from), 0)) {
                    var out = socket.getOutputStream();
                    out.write("""
                            POST /api/session HTTP/1.1\r
                            Host: localhost\r
                            Content-Length: 900\r
                            Content-Type: application/x-www-form-urlencoded\r
                            \r
                            l""".getBytes(StandardCharsets.US_ASCII));
                    while (goes) {
                        Thread.sleep(1_000);
                        out.write('x');
                    }
                } catch (IOException e) {
                    pause();
                } catch (InterruptedException e) {
                    return;
                }
            }
        }

        private static void pause() {
            try {
                Thread.sleep(AGAIN_MILLIS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }

        @Override
        public void close() {
            goes = false;
            threads.forEach(Thread::interrupt);
        }
    }
}
