package grimygasket.e2e.commands;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/** The start command, where it must refuse: one clear sentence, no stack trace. */
public class StartTest {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

    private record Ended(int status, String said) {}

    private static Ended run(String... command) throws IOException, InterruptedException {
        var process = new ProcessBuilder(command)
                .directory(ROOT.toFile())
                .redirectErrorStream(true)
                .start();
        process.getOutputStream().close();
        var said = new String(process.getInputStream().readAllBytes());
        return new Ended(process.waitFor(), said);
    }

    private static Ended start(String... options) throws IOException, InterruptedException {
        var command = new ArrayList<>(List.of("./start"));
        command.addAll(List.of(options));
        return run(command.toArray(String[]::new));
    }

    @Test
    public void aTakenPortIsNamedWithTheWayOut() throws IOException, InterruptedException {
        try (var taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            var ended = start("--port", "" + taken.getLocalPort());
            assertEquals(ended.status, 1);
            // While the application runs from this folder, that is what stands in the way.
            assertTrue(
                    ended.said.contains("Port " + taken.getLocalPort() + " is taken")
                            || ended.said.contains("already running from this folder"),
                    ended.said);
        }
    }

    @Test
    public void badOptionsAreExplained() throws IOException, InterruptedException {
        assertTrue(start("--port", "eighty").said.contains("a number from 1024 to 65535, not 'eighty'"));
        assertTrue(start("--port", "80").said.contains("not '80'"));
        var unknown = start("--colour");
        assertEquals(unknown.status, 1);
        assertTrue(unknown.said.contains("There is no option --colour."));
        assertTrue(unknown.said.contains("--fresh"), "shows those that there are");
        assertEquals(start("--help").status, 0);
    }

    @Test
    public void aDatabaseStartsStopsAndStartsAgainWithItsData() throws IOException, InterruptedException {
        var folder = Files.createTempDirectory("gasket-db");
        try {
            assertEquals(run("scripts/database", "start", folder.toString()).status, 0);
            var first = Files.readString(folder.resolve("env"));
            assertEquals(
                    Files.getPosixFilePermissions(folder.resolve("env"))
                            .toString()
                            .contains("OTHERS"),
                    false);
            assertEquals(run("scripts/database", "start", folder.toString()).status, 0, "twice is no harm");

            // As after a crash or a power cut.
            var pid = ProcessHandle.of(Long.parseLong(
                            Files.readString(folder.resolve("pid")).strip()))
                    .orElseThrow();
            pid.destroyForcibly();
            pid.onExit().join();
            assertEquals(run("scripts/database", "start", folder.toString()).status, 0, "recovers");
            assertEquals(password(Files.readString(folder.resolve("env"))), password(first));
        } finally {
            assertEquals(run("scripts/database", "stop", folder.toString()).status, 0);
            assertFalse(Files.exists(folder.resolve("pid")));
            run("rm", "-r", folder.toString());
        }
    }

    private static String password(String env) {
        return env.lines()
                .filter(line -> line.startsWith("GASKET_DB_PASSWORD="))
                .findFirst()
                .orElseThrow();
    }
}
