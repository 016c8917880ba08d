package grimygasket.e2e.installation;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;

/** The application itself, on a port of its own; it can be started again after it was killed. */
public final class Application implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofMinutes(5);

    /** As {@code scripts/build} lays it out. */
    private static final Path LAID_OUT = Installation.ROOT.resolve("server/target/application/application.jar");

    private final int port = Ports.free();
    private final Path log;
    private final Map<String, String> environment;
    private Process process;

    /** @param environment what it is told besides its port */
    public Application(Path log, Map<String, String> environment) {
        this.log = log;
        this.environment = new HashMap<>(environment);
    }

    /** What it is told besides from its next start on. */
    public void tell(String name, String value) {
        environment.put(name, value);
    }

    public void start() throws IOException, InterruptedException {
        // Its classes as an earlier run has read them; where there are none, it only starts later.
        var command = new ProcessBuilder(
                "java",
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-XX:SharedArchiveFile=" + LAID_OUT.resolveSibling("classes.jsa"),
                "-jar",
                LAID_OUT.toString());
        command.environment().putAll(environment);
        command.environment().put("GASKET_PORT", "" + port);
        process = command.redirectErrorStream(true).redirectOutput(log.toFile()).start();
        var until = Instant.now().plus(PATIENCE);
        while (!answers(port)) {
            if (!process.isAlive() || Instant.now().isAfter(until)) {
                throw new IllegalStateException("the application did not start:\n" + Files.readString(log));
            }
            Thread.sleep(200);
        }
    }

    /** As if somebody pulled its plug. */
    public void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    public int port() {
        return port;
    }

    @Override
    public void close() {
        if (process != null) {
            process.destroy();
            process.onExit().join();
        }
    }

    public static boolean answers(int port) {
        try (var socket = new Socket()) {
            socket.connect(new InetSocketAddress("127.0.0.1", port), 500);
            return true;
        } catch (IOException e) {
            return false;
        }
    }
}
