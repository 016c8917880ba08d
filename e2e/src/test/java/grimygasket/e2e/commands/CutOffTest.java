package grimygasket.e2e.commands;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.e2e.installation.Checkout;
import grimygasket.e2e.installation.Phone;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Restores, upgrades and first starts that are killed, each at every point that the scripts name: the next start goes on. */
public class CutOffTest {
    private static final Pattern POINT = Pattern.compile("^\\s*point ([a-z-]+)$", Pattern.MULTILINE);

    private Checkout here;

    @BeforeClass
    void anInstallationOfTwoStatesWithABackupOfTheFirst() throws IOException, InterruptedException {
        here = new Checkout();
        var running = here.start(Typed.START.command()).ready();
        mark("before");
        var backedUp = here.run(Typed.BACKUP.command());
        assertEquals(backedUp.status(), 0, backedUp.said());
        mark("after");
        running.end();
        here.run("cp -r var var.kept");
    }

    @AfterClass(alwaysRun = true)
    void end() throws IOException {
        here.close();
    }

    @AfterMethod(alwaysRun = true)
    void asAtFirst() throws IOException, InterruptedException {
        here.run("scripts/database stop var/db; scripts/database stop var/db.new; rm -rf var; cp -r var.kept var");
    }

    private void mark(String state) throws IOException, InterruptedException {
        owner("update business set name = 'state " + state + "'");
    }

    private void owner(String sql) throws IOException, InterruptedException {
        var done =
                here.run("cd var/db/data && mariadb --no-defaults --socket=db.sock gasket --execute \"" + sql + "\"");
        assertEquals(done.status(), 0, done.said());
    }

    private String state() {
        return here.asked("select name from business");
    }

    @DataProvider
    Object[][] points() throws IOException {
        var points = Stream.<String>empty();
        for (var script : new String[] {"restore", "upgrade", "installation.sh"}) {
            var text = Files.readString(Path.of("../scripts").resolve(script));
            points = Stream.concat(points, POINT.matcher(text).results().map(found -> found.group(1)));
        }
        return points.map(point -> new Object[] {point}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "points")
    public void whateverWasKilledTheNextStartGoesOnWithTheOldStateOrTheNew(String point)
            throws IOException, InterruptedException {
        if (point.startsWith("upgrade")) {
            upgradeIsKilled(point);
        } else {
            restoreIsKilled(point);
        }
    }

    private void restoreIsKilled(String point) throws IOException, InterruptedException {
        var restore = "scripts/restore " + here.newestBackup();
        // Nothing to be done again; but it goes there.
        var killed = here.runUntil(point, point.endsWith("done-again") ? restore + " --until now" : restore);
        assertEquals(killed.status(), 137, point + " was not reached: " + killed.said());
        var running = here.start(Typed.START.command()).ready();
        boolean tookPlace = point.equals("restore-moved-away") || point.equals("put-in-place");
        assertEquals(state(), tookPlace ? "state before" : "state after", running.said());
        assertFalse(Files.exists(here.database().resolveSibling("db.new")));
        running.end();
    }

    /** An application of before the last migration, which this one begins to upgrade. */
    private void upgradeIsKilled(String point) throws IOException, InterruptedException {
        here.run("scripts/database start var/db");
        owner(
                "delete from flyway_schema_history where version in ('25', '26', '27', '28', '29', '30', '31', '32', '33', '34', '35', '36', '37', '38', '39', '40');"
                        + " drop table model_note, part_move, due, logo, part_order_line, part_order");
        here.run("scripts/database stop var/db");
        var killed = here.start(Typed.START.command(), Map.of("GASKET_DIES_AT", point));
        assertTrue(killed.status() != 0, point + " was not reached: " + killed.said());
        if (point.equals("upgrade-marked")) {
            // What the killed migration may have done.
            here.run("scripts/database start var/db");
            owner("set foreign_key_checks = 0; drop table service_call");
        }
        here.run("scripts/database stop var/db");
        var running = here.start(Typed.START.command()).ready();
        assertEquals(state(), "state after", running.said());
        assertEquals(here.asked("select count(*) from service_call"), "29");
        assertEquals(here.asked("select count(*) from model_note"), "0");
        assertFalse(Files.exists(here.database().resolve("upgrading")));
        running.end();
    }

    @Test
    public void aRestoreIsNotFollowedByTheUpgradeThatWasCutOffBefore() throws IOException, InterruptedException {
        Files.writeString(here.database().resolve("upgrading"), here.newestBackup() + "\n");
        assertEquals(here.run("scripts/restore " + here.newestBackup()).status(), 0);
        assertFalse(Files.exists(here.database().resolve("upgrading")));
    }

    @Test
    public void besideADatabaseThatWasMovedAwayNoNewOneIsBegun() throws IOException, InterruptedException {
        here.run("mv var/db var/db.before-20261127T021500Z");
        var refused = here.run(Typed.START.command());
        assertEquals(refused.status(), 1);
        assertTrue(refused.said().contains("There is no database in"), refused.said());
        var wayOut = Pattern.compile("'(mv -T [^']+)'")
                .matcher(refused.said())
                .results()
                .map(MatchResult::group)
                .findFirst();
        var moved = here.run(wayOut.orElseThrow().replace("'", ""));
        assertEquals(moved.status(), 0, "as it says: " + moved.said());
        here.start(Typed.START.command()).ready().end();
    }

    @DataProvider
    Object[][] migrations() {
        return new Object[][] {{2}, {8}, {13}};
    }

    @Test(dataProvider = "migrations")
    public void aFirstStartThatIsKilledInAMigrationBeginsAnew(int version) throws IOException, InterruptedException {
        here.run("rm -rf var");
        var killed = here.start("./start --empty");
        // The database is there before the application.
        killed.says("Starting the application");
        while (reached() < version - 1) {
            Thread.sleep(5);
        }
        here.pullThePlug(killed);
        var running = here.start("./start").ready();
        assertTrue(running.said().contains("The first start was cut off"), running.said());
        var phone = new Phone(here.address(), "owner", password());
        assertTrue(phone.get("/api/session").contains("owner"));
        running.end();
    }

    private int reached() {
        try {
            return Integer.parseInt(here.asked(
                    "select coalesce(max(cast(version as int)), 0) from flyway_schema_history where success"));
        } catch (IllegalStateException e) {
            return 0;
        }
    }

    private String password() throws IOException {
        return Files.readString(here.database().resolve("first-sign-in"))
                .replaceAll("(?s).*GASKET_FIRST_PASSWORD=(\\S+).*", "$1");
    }
}
