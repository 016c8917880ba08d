package grimygasket.e2e.commands;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.e2e.installation.Installation;
import grimygasket.e2e.installation.Script;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Properties;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** The start command, where a newer application meets the database of an older one. */
public class UpgradeTest {
    private Path folder;
    private Path database;

    @BeforeMethod
    void anEarlyDatabaseOfTwoCalls() throws IOException, InterruptedException, SQLException {
        folder = Files.createTempDirectory("gasket-upgrade");
        database = folder.resolve("db");
        Script.run("database", "start", database);
        sql("create table flyway_schema_history (version varchar(50), success boolean)");
        sql("insert into flyway_schema_history values ('9', true), ('12', true)");
        sql("create table service_call (id int primary key)");
        sql("insert into service_call values (1), (2)");
        Script.run("database", "stop", database);
    }

    @AfterMethod(alwaysRun = true)
    void end() throws IOException, InterruptedException {
        Script.run("database", "stop", database);
        Installation.delete(folder);
    }

    private void sql(String statement) throws IOException, SQLException {
        asked(statement);
    }

    /** The first value of a statement's first row; nothing of one that has none. */
    private String asked(String statement) throws IOException, SQLException {
        var env = new Properties();
        try (var file = Files.newBufferedReader(database.resolve("env"))) {
            env.load(file);
        }
        try (var connection = DriverManager.getConnection(
                        env.getProperty("GASKET_DB_URL"),
                        env.getProperty("GASKET_DB_OWNER"),
                        env.getProperty("GASKET_DB_OWNER_PASSWORD"));
                var run = connection.createStatement()) {
            return run.execute(statement) && run.getResultSet().next()
                    ? run.getResultSet().getString(1)
                    : "";
        }
    }

    private Script upgrade(String verb) throws IOException, InterruptedException {
        return Script.run("upgrade", verb, "--of", database);
    }

    @Test
    public void anUpgradeThatIsCutOffIsTakenBackAndBeginsAgain()
            throws IOException, InterruptedException, SQLException {
        var begun = upgrade("begin");
        assertEquals(begun.status(), 0, begun.said());
        assertTrue(begun.said().contains("Backing up before the upgrade from 12"), begun.said());

        // What a migration had done when it was killed.
        sql("drop table service_call");
        sql("insert into flyway_schema_history values ('13', true)");
        Script.run("database", "stop", database);
        var again = upgrade("begin");
        assertEquals(again.status(), 0, again.said());
        assertTrue(again.said().contains("The last upgrade was cut off"), again.said());
        assertTrue(again.said().contains("Backing up before the upgrade from 12"), again.said());
        assertEquals(asked("select count(*) from service_call"), "2");

        // It has got to its end, and somebody has worked since, when it is killed before it could say so.
        var newest = begun.said().replaceAll("(?s).* from 12 to (\\d+).*", "$1");
        sql("insert into flyway_schema_history values ('" + newest + "', true)");
        sql("drop table service_call");
        Script.run("database", "stop", database);
        assertEquals(upgrade("begin").said(), "", "nothing is cut off, and nothing to be upgraded");
        assertFalse(Files.exists(folder.resolve("upgrading")));
    }

    @Test
    public void theDatabaseOfANewerApplicationIsLeftAlone() throws IOException, InterruptedException, SQLException {
        Script.run("database", "start", database);
        sql("insert into flyway_schema_history values ('4000', true)");
        var refused = upgrade("begin");
        assertNotEquals(refused.status(), 0);
        assertTrue(refused.said().contains("used by a newer version"), refused.said());
        assertFalse(Files.exists(folder.resolve("upgrading")));
    }
}
