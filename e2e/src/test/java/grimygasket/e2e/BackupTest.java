package grimygasket.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Backed up while it runs, and restored beside it. */
public class BackupTest {
    private static final String CALL = "0193a000-0000-7000-8000-000000000404";

    private Installation installation;
    private Path folder;

    @BeforeClass
    void begin() throws IOException, InterruptedException {
        var database = Files.createTempDirectory("gasket-e2e");
        Files.createFile(database.resolve("keeps-changes"));
        installation = new Installation(true, database);
        folder = Files.createTempDirectory("gasket-backup");
        Files.writeString(folder.resolve("key"), "a phrase of some words");
    }

    @AfterClass(alwaysRun = true)
    void end() throws IOException {
        installation.close();
        Installation.delete(folder.toFile());
    }

    private Path backup() throws IOException {
        try (var files = Files.list(folder)) {
            return files.filter(file -> file.toString().endsWith(".enc"))
                    .findFirst()
                    .orElseThrow();
        }
    }

    private static String record(Servers servers) {
        return servers.rows("select record from service_call where id = '" + CALL + "'")
                .get(0)
                .get(0);
    }

    @Test
    public void whatWasBackedUpIsThereAgainAndADamagedBackupChangesNothing() throws IOException, InterruptedException {
        var phone = new Phone(installation.address(), Installation.LOGIN);
        phone.enterCode(CALL, "E77");
        var backedUp =
                Script.run("backup", "--of", installation.folder(), "--to", folder, "--key", folder.resolve("key"));
        assertEquals(backedUp.status(), 0, backedUp.said());
        phone.enterCode(CALL, "E78");
        // In whole seconds, as the database writes changes down.
        Thread.sleep(1_500);
        var moment = Instant.now().truncatedTo(ChronoUnit.SECONDS);
        Thread.sleep(1_500);
        phone.enterCode(CALL, "E79");

        var to = folder.resolve("restored/db");
        var locked = Script.run("restore", backup(), "--to", to);
        assertNotEquals(locked.status(), 0);
        assertTrue(locked.said().contains("This backup is encrypted"), locked.said());
        var restored = Script.run("restore", backup(), "--key", folder.resolve("key"), "--to", to);
        assertEquals(restored.status(), 0, restored.said());
        int calls = Integer.parseInt(
                installation.rows("select count(*) from service_call").get(0).get(0));
        assertTrue(restored.said().contains("Restored: " + calls + " calls"), restored.said());
        var sound = Files.copy(backup(), folder.resolve("sound"));
        var bytes = Files.readAllBytes(backup());
        bytes[bytes.length / 2] ^= 1;
        Files.write(backup(), bytes);
        var damaged = Script.run("restore", backup(), "--key", folder.resolve("key"), "--to", to);
        assertNotEquals(damaged.status(), 0);
        assertTrue(damaged.said().contains("The backup is damaged"), damaged.said());

        installation.killApplication();
        installation.stopDatabase();
        var broughtOn = Script.run(
                "restore", sound, "--key", folder.resolve("key"), "--until", moment, "--to", installation.folder());
        assertEquals(broughtOn.status(), 0, broughtOn.said());
        installation.startDatabase();
        installation.startApplication();
        var until = record(installation);
        assertTrue(until.contains("E77") && until.contains("E78") && !until.contains("E79"), until);

        try (var again = new Installation(true, to)) {
            var record = record(again);
            assertTrue(record.contains("E77") && !record.contains("E78"), "as it was then");
            assertTrue(new Phone(again.address(), Installation.LOGIN)
                    .get("/api/session")
                    .contains("Maren"));
        }
    }
}
