package grimygasket.e2e.installation;

import java.io.IOException;
import java.net.ServerSocket;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Ports for what tests start. They lie below those that a system gives to outgoing connections, so that none of these takes one between
 * its choice and its use; and ten apart, as what is started chooses the next ones itself.
 */
public final class Ports {
    private static final int FIRST = 20_000;
    private static final int APART = 10;
    private static final int COUNT = 1_200;

    /** Where it begins is drawn, as tests of another checkout may run beside these. */
    private static final AtomicInteger NEXT =
            new AtomicInteger(ThreadLocalRandom.current().nextInt(COUNT));

    private Ports() {}

    public static int free() {
        for (int tries = 0; tries < COUNT; tries++) {
            int port = FIRST + NEXT.getAndIncrement() % COUNT * APART;
            try (var socket = new ServerSocket(port)) {
                return socket.getLocalPort();
            } catch (IOException taken) {
                // The next one, then.
            }
        }
        throw new IllegalStateException("there is no free port");
    }
}
