package grimygasket.e2e.commands;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.e2e.installation.Application;
import grimygasket.e2e.installation.Checkout;
import grimygasket.e2e.installation.Phone;
import grimygasket.e2e.installation.Started;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import org.testng.SkipException;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What dies, hangs or fills up under a running start command: it says so in one line, waits, and goes on by itself. */
public class SupervisionTest {
    private static final String CALL = "0193a000-0000-7000-8000-000000000404";

    /** Longer nobody waits to be told that the database is away. */
    private static final Duration SOON = Duration.ofSeconds(60);

    private Checkout here;

    @BeforeMethod
    void begin() throws IOException, InterruptedException {
        here = new Checkout();
    }

    @AfterMethod(alwaysRun = true)
    void end() throws IOException, InterruptedException {
        here.stop();
        here.run("! mountpoint -q var || umount var");
        here.close();
    }

    private Phone phone() throws IOException, InterruptedException {
        return new Phone(here.address(), "maren", "grime-and-gasket");
    }

    private String health() throws IOException, InterruptedException {
        var request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + (here.port() + 1) + "/actuator/health"))
                .build();
        return HttpClient.newHttpClient()
                .send(request, HttpResponse.BodyHandlers.ofString())
                .body();
    }

    private ProcessHandle database() throws IOException {
        return Checkout.processOf(here.database().resolve("pid"));
    }

    private static ProcessHandle application(Started running) {
        return running.process
                .descendants()
                .filter(one -> one.info().command().orElse("").endsWith("java"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void applicationAndDatabaseThatDieTogetherComeBack() throws IOException, InterruptedException {
        var running = here.start("./start").ready();
        assertTrue(health().contains("\"state\":\"READY\""), health());
        phone().enterCode(CALL, "E71");
        for (int time = 1; time <= 2; time++) {
            var database = database();
            application(running).destroyForcibly();
            database.destroyForcibly();
            running.says("- Ready", time + 1);
        }
        phone().enterCode(CALL, "E72");
        assertTrue(here.asked("select record from service_call where id = '" + CALL + "'")
                .contains("E71"));
    }

    /** A socket that is bound and does not listen holds a port that looks free. */
    private static Socket holds(int port) throws IOException {
        var socket = new Socket();
        socket.bind(new InetSocketAddress("127.0.0.1", port));
        return socket;
    }

    @Test
    public void aPortTakenAtTheLastMomentEndsTheStartOnlyWhereItWasAskedFor() throws IOException, InterruptedException {
        try (var held = holds(here.port() + 1)) {
            assertFalse(Application.answers(held.getLocalPort()), "it looks free");
            here.start("./start").ready().end();
        }
        try (var held = holds(here.port())) {
            assertFalse(Application.answers(held.getLocalPort()), "it looks free");
            var refused = here.start("./start");
            assertEquals(refused.status(), 1);
            assertTrue(
                    refused.said().contains("Port " + here.port() + " was taken at the last moment"), refused.said());
        }
    }

    @Test
    public void aDatabaseThatHangsIsSaidToBeAwayUntilItAnswers() throws IOException, InterruptedException {
        var running = here.start("./start").ready();
        var phone = phone();
        here.run("kill -STOP " + database().pid());
        try {
            for (int i = 0; i < 3; i++) {
                var began = Instant.now();
                assertEquals(
                        phone.http()
                                .send(phone.request("/api/round").build(), HttpResponse.BodyHandlers.discarding())
                                .statusCode(),
                        503);
                assertTrue(Duration.between(began, Instant.now()).compareTo(SOON) < 0, "nobody waits for it long");
            }
            running.says("The database does not answer");
            assertTrue(health().contains("DATABASE_AWAY"), health());
        } finally {
            here.run("kill -CONT " + database().pid());
        }
        running.says("- Ready", 2);
        phone.enterCode(CALL, "E71");
    }

    @Test
    public void aFullDiskIsWaitedForAndNothingIsLost() throws IOException, InterruptedException {
        var var = here.folder().resolve("var");
        if (here.run("mkdir var && mount -t tmpfs -o size=900m tmpfs var").status() != 0) {
            throw new SkipException("only root can make a small disk");
        }
        var running = here.start("./start").ready();
        var phone = phone();
        phone.enterCode(CALL, "E71");
        fill(var);
        running.says("The disk is full");
        assertTrue(health().contains("DISK_FULL"), health());
        // What a full disk may do to it.
        var database = database();
        database.destroyForcibly();
        database.onExit().join();
        Thread.sleep(5_000);
        assertTrue(running.process.isAlive(), running.said());
        Files.delete(var.resolve("filler"));
        running.says("- Ready", 2);
        phone().enterCode(CALL, "E72");
        running.end();

        // Nor does a start end that finds no room.
        fill(var);
        running = here.start("./start").says("The disk is full");
        Files.delete(var.resolve("filler"));
        running.ready();
        var record = here.asked("select record from service_call where id = '" + CALL + "'");
        assertTrue(record.contains("E71") && record.contains("E72"), record);
    }

    private void fill(Path disk) throws IOException, InterruptedException {
        var filled = here.run("fallocate -l $(($(df -Pk '%s' | awk 'NR == 2 { print $4 }') - 2048))K '%s/filler'"
                .formatted(disk, disk));
        assertEquals(filled.status(), 0, filled.said());
    }

    @Test
    public void aFolderThatCannotBeWrittenToIsNamed() throws IOException, InterruptedException {
        if (here.run("mkdir var && mount -t tmpfs -o ro,size=1m tmpfs var").status() != 0) {
            throw new SkipException("only root can make a disk that cannot be written to");
        }
        var refused = here.run("./start");
        assertEquals(refused.status(), 1);
        assertTrue(
                refused.said().contains("Nothing can be written to")
                        && !refused.said().contains("line "),
                refused.said());
    }

    @Test
    public void javaToolOptionsAreNoOldJava() throws IOException, InterruptedException {
        var refused = here.run("JAVA_TOOL_OPTIONS=-Dsome=thing ./start --port 80");
        assertTrue(refused.said().contains("not '80'"), refused.said());
        var checked = here.run("JAVA_TOOL_OPTIONS=-Dsome=thing bash -c '. scripts/lib.sh; need_toolchain'");
        assertEquals(checked.status(), 0, checked.said());
    }
}
