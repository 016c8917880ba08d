package grimygasket.e2e.installation;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedDeque;

/**
 * The real application on a database server of its own; both on free ports, in a temporary folder. As starting one takes long,
 * those with demo data are lent, and go back with their data as they were at first.
 */
public final class Installation implements Servers, AutoCloseable {
    public static final String LOGIN = "maren";
    public static final String PASSWORD = "a-test-of-gaskets";

    public static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

    private static final Deque<Installation> FREE = new ConcurrentLinkedDeque<>();

    private final Path folder;
    private final int databasePort = Ports.free();
    private final Application application;

    private final Snapshot first;

    /** With demo data; to be given back. */
    public static Installation lent() throws IOException, InterruptedException {
        var free = FREE.poll();
        return free != null ? free : new Installation(true);
    }

    /** The next one finds its data as they were at first. */
    public void giveBack() {
        try {
            startDatabase();
            first.restore();
            FREE.add(this);
        } catch (IOException | IllegalStateException e) {
            close();
            throw new IllegalStateException("an installation could not be put back", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Nobody needs one any more. */
    public static void closeAll() {
        for (var free = FREE.poll(); free != null; free = FREE.poll()) {
            free.close();
        }
    }

    public Installation(boolean demo) throws IOException, InterruptedException {
        this(demo, Files.createTempDirectory("gasket-e2e"));
    }

    /** On a database that may be there already. */
    public Installation(boolean demo, Path folder) throws IOException, InterruptedException {
        this.folder = folder;
        startDatabase();
        var environment = new HashMap<>(databaseEnvironment());
        environment.putAll(Map.of(
                "GASKET_DEMO",
                "" + demo,
                "GASKET_FIRST_LOGIN",
                LOGIN,
                "GASKET_FIRST_PASSWORD",
                PASSWORD,
                "GASKET_PASSWORD_ROUNDS",
                "4"));
        application = new Application(folder.resolve("application.log"), environment);
        startApplication();
        first = new Snapshot(this::connection);
    }

    public final void startApplication() throws IOException, InterruptedException {
        try {
            application.start();
        } catch (IllegalStateException e) {
            close();
            throw e;
        }
    }

    /** Starts it again, told something that it was not told before. */
    public void startApplication(String name, String value) throws IOException, InterruptedException {
        application.tell(name, value);
        startApplication();
    }

    /** As if somebody pulled its plug. */
    public void killApplication() throws InterruptedException {
        application.kill();
    }

    /** As if somebody pulled its plug. */
    public void killDatabase() throws IOException {
        var pid = Long.parseLong(Files.readString(folder.resolve("pid")).strip());
        ProcessHandle.of(pid).ifPresent(database -> {
            database.destroyForcibly();
            database.onExit().join();
        });
    }

    /**
     * Application or database is killed, and started again.
     *
     * @return whether it was the application
     */
    public boolean killOne(Random random) throws IOException, InterruptedException {
        boolean isApplication = random.nextBoolean();
        if (isApplication) {
            killApplication();
            startApplication();
        } else {
            killDatabase();
            startDatabase();
        }
        return isApplication;
    }

    /** Of its database. */
    public Path folder() {
        return folder;
    }

    @Override
    public String address() {
        return "http://127.0.0.1:" + application.port();
    }

    public void startDatabase() throws IOException, InterruptedException {
        database(folder, "start", "" + databasePort);
    }

    public void stopDatabase() throws IOException, InterruptedException {
        database(folder, "stop");
    }

    @Override
    public List<List<String>> rows(String sql) {
        var env = databaseEnvironment();
        return Servers.rows(env.get("GASKET_DB_URL"), env.get("GASKET_DB_USER"), env.get("GASKET_DB_PASSWORD"), sql);
    }

    public void execute(String sql) {
        try (var connection = connection();
                var statement = connection.createStatement()) {
            statement.execute(sql);
        } catch (SQLException e) {
            throw new IllegalStateException(sql, e);
        }
    }

    private Connection connection() throws SQLException {
        var env = databaseEnvironment();
        return DriverManager.getConnection(
                env.get("GASKET_DB_URL"), env.get("GASKET_DB_USER"), env.get("GASKET_DB_PASSWORD"));
    }

    @Override
    public void close() {
        application.close();
        try {
            stopDatabase();
            delete(folder);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void database(Path folder, String verb, String... more) throws IOException, InterruptedException {
        var command = new ArrayList<>(List.of(ROOT.resolve("scripts/database").toString(), verb, folder.toString()));
        command.addAll(List.of(more));
        run(command.toArray(String[]::new));
    }

    private static void run(String... command) throws IOException, InterruptedException {
        var process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .inheritIO()
                .start();
        if (process.waitFor() != 0) {
            throw new IllegalStateException("failed: " + String.join(" ", command));
        }
    }

    private Map<String, String> databaseEnvironment() {
        try {
            var env = new HashMap<String, String>();
            for (var line : Files.readAllLines(folder.resolve("env"))) {
                env.put(line.substring(0, line.indexOf('=')), line.substring(line.indexOf('=') + 1));
            }
            return env;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Deletes a folder with all in it; what a link in it leads to stays. */
    public static void delete(Path folder) {
        try (var all = Files.walk(folder)) {
            for (var one : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(one);
            }
        } catch (NoSuchFileException e) {
            // It is gone already.
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
