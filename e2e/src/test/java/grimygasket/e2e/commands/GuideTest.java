package grimygasket.e2e.commands;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.e2e.installation.Checkout;
import grimygasket.e2e.installation.Installation;
import grimygasket.e2e.installation.Phone;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** What the guides say to type, typed in an installation that the start command made; its end is looked at from outside. */
public class GuideTest {
    private static final String CALL = "0193a000-0000-7000-8000-000000000404";
    private static final String DEMO_PASSWORD = "grime-and-gasket";

    private Checkout here;
    private Path home;

    @BeforeClass
    void begin() throws IOException, InterruptedException {
        here = new Checkout();
        home = Files.createTempDirectory("gasket-home");
        Files.writeString(home.resolve("gasket.key"), "a phrase of some words");
    }

    @AfterClass(alwaysRun = true)
    void end() throws IOException {
        here.close();
        Installation.delete(home);
    }

    @Test
    public void everyCommandOfTheGuidesIsTyped() throws IOException {
        assertEquals(
                new TreeSet<>(Typed.ofTheGuides()),
                Stream.of(Typed.values()).map(Typed::command).collect(Collectors.toCollection(TreeSet::new)));
        var tests = new StringBuilder();
        try (var files = Files.walk(Path.of("src/test/java"))) {
            for (var file :
                    files.filter(one -> one.toString().endsWith("Test.java")).toList()) {
                tests.append(Files.readString(file));
            }
        }
        for (var typed : Typed.values()) {
            // Whoever runs this has typed that.
            boolean isThis = typed == Typed.VERIFY;
            assertTrue(
                    isThis || tests.toString().contains("Typed." + typed.name()), "no test types " + typed.command());
        }
    }

    private String typed(String command) {
        return "HOME='" + home + "'; " + command;
    }

    private void succeeds(Checkout where, String command, String says) throws IOException, InterruptedException {
        var done = where.run(typed(command));
        assertEquals(done.status(), 0, done.said());
        assertTrue(done.said().contains(says), done.said());
    }

    private void isRefused(String command, String says) throws IOException, InterruptedException {
        var refused = here.run(typed(command));
        assertEquals(refused.status(), 1, refused.said());
        assertTrue(refused.said().contains(says), refused.said());
        assertTrue(refused.said().contains("Nothing was changed"), refused.said());
    }

    /** Enters codes on a call, as somebody who signs in with what the start command said. */
    private void enter(Checkout where, String... codes) throws IOException, InterruptedException {
        var phone = new Phone(where.address(), "maren", DEMO_PASSWORD);
        for (var code : codes) {
            phone.enterCode(CALL, code);
        }
    }

    /** Starts the application, and wants these codes to be there, and no others of ours. */
    private void has(Checkout where, String... codes) throws IOException, InterruptedException {
        var running = where.start(Typed.START.command()).ready();
        var record = where.asked("select record from service_call where id = '" + CALL + "'");
        for (var code : List.of("E71", "E72", "E73", "E74")) {
            assertEquals(record.contains(code), List.of(codes).contains(code), code + " in " + record);
        }
        running.end();
    }

    /** A moment with whole seconds between it and what was before and after, as changes are written down with seconds. */
    private static String moment() throws InterruptedException {
        Thread.sleep(1_600);
        var now = LocalDateTime.now().format(DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm:ss"));
        Thread.sleep(1_600);
        return now;
    }

    /** Gives the newest backup the name that the guide has. */
    private void nameAsInTheGuide() throws IOException {
        var backup = here.newestBackup();
        var name = backup.getFileName().toString();
        var named = backup.resolveSibling(Typed.FILE + (name.endsWith(".enc") ? ".enc" : ""));
        Files.move(backup, named);
        var sum = Path.of(backup + ".sha256");
        Files.writeString(
                Path.of(named + ".sha256"),
                Files.readString(sum).replace(name, named.getFileName().toString()));
        Files.delete(sum);
    }

    @Test
    public void aBackupIsRestoredAndBroughtOnToAnyMomentTwice() throws IOException, InterruptedException {
        var early = moment();
        var running = here.start(Typed.START.command()).ready();
        assertTrue(running.said().contains("Sign in as maren with the password " + DEMO_PASSWORD), running.said());
        enter(here, "E71");
        var history = here.asked("select id from log_history");
        succeeds(here, Typed.BACKUP.command(), "- Backed up: 29 calls (1 in the log of commands)");
        nameAsInTheGuide();
        var passkeys = here.run(Typed.PASSKEYS.command().replace("NAME", "maren"));
        assertTrue(passkeys.said().contains("maren has no passkeys any more (0 were there)"), passkeys.said());
        enter(here, "E72");
        var between = moment();
        enter(here, "E73");
        var locked = here.run(Typed.RESTORE.command());
        assertTrue(locked.said().contains("is running from this folder"), locked.said());
        assertTrue(running.endAndSay().contains("Your data stays"));

        isRefused(Typed.RESTORE_UNTIL.until(early), "This backup was made later");
        isRefused(Typed.RESTORE_UNTIL.until("2199-01-01 00:00"), "has not come yet");
        succeeds(here, Typed.RESTORE.command(), "- Restored: 29 calls");
        has(here, "E71");
        succeeds(here, Typed.RESTORE_UNTIL.until(between), "- Restored: 29 calls");
        running = here.start(Typed.START.command()).ready();
        assertNotEquals(here.asked("select id from log_history"), history, "devices notice it");
        enter(here, "E74");
        var later = moment();
        running.end();
        succeeds(here, Typed.RESTORE_UNTIL.until(between), "- Restored: 29 calls");
        has(here, "E71", "E72");
        succeeds(here, Typed.RESTORE_UNTIL.until(later), "- Restored: 29 calls");
        has(here, "E71", "E72", "E74");
        assertEquals(here.putAway().size(), 4);
        anotherMachineGoesOnWithTheBackupAndTheChangesOfOneThatIsLost();
    }

    private void anotherMachineGoesOnWithTheBackupAndTheChangesOfOneThatIsLost()
            throws IOException, InterruptedException {
        var running = here.start(Typed.START.command()).ready();
        succeeds(here, Typed.BACKUP_ENCRYPTED.command(), "- Backed up: 29 calls");
        nameAsInTheGuide();
        enter(here, "E73");
        var last = moment();
        var kept = Files.createDirectory(home.resolve("kept"));
        var copied = here.run("cp var/backups/" + Typed.FILE + ".enc* var/db/data/changes.* '" + kept + "'");
        assertEquals(copied.status(), 0, copied.said());
        running.end();
        try (var other = new Checkout()) {
            succeeds(other, Typed.RESTORE_ELSEWHERE.until(last), "- Restored: 29 calls");
            has(other, "E71", "E72", "E73", "E74");
            var locked = other.run(typed("scripts/restore ~/kept/" + Typed.FILE + ".enc"));
            assertTrue(locked.said().contains("This backup is encrypted"), locked.said());
        }
        var damaged = kept.resolve(Typed.FILE + ".enc");
        var bytes = Files.readAllBytes(damaged);
        bytes[bytes.length / 2] ^= 1;
        Files.write(damaged, bytes);
        isRefused("scripts/restore ~/kept/" + Typed.FILE + ".enc --key ~/gasket.key", "The backup is damaged");
    }

    @Test
    public void theMachineItselfStartsItByAUnitThatIsSound() throws IOException, InterruptedException {
        var unit = here.run(Typed.SERVICE.command());
        assertEquals(unit.status(), 0, unit.said());
        assertTrue(unit.said().contains("ExecStart=\"" + here.folder() + "/start\" \"--tls\" \"own\""), unit.said());
        var file = home.resolve("grimy-gasket.service");
        Files.writeString(file, unit.said());
        var checked = here.run("! command -v systemd-analyze >/dev/null || systemd-analyze verify '" + file + "'");
        assertEquals(checked.status(), 0, checked.said());
    }

    @Test
    public void whatShipsIsListed() throws IOException, InterruptedException {
        var listed = here.run(Typed.SBOM.command());
        assertEquals(listed.status(), 0, listed.said());
        assertTrue(listed.said().contains("spring-boot"), listed.said());
        assertTrue(Files.size(here.folder().resolve("var/sbom/page.cdx.json")) > 1000);
    }
}
