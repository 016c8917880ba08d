package grimygasket.e2e.installation;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A folder as somebody has it who has fetched the application and built it, with a {@code var} of its own: what people type is run there
 * as they type it. Sources and what was built of them are this checkout's.
 */
public final class Checkout implements AutoCloseable {
    /** What is copied; all else is linked to. */
    private static final Set<String> OWN = Set.of("start", "verify", "scripts", "README.md");

    private static final Set<String> LEFT_OUT = Set.of("var", ".git");

    private final Path folder;
    private final int port = Ports.free();
    private final List<Started> started = new ArrayList<>();

    public Checkout() throws IOException, InterruptedException {
        this(Files.createTempDirectory("gasket-checkout"));
    }

    public Checkout(Path folder) throws IOException, InterruptedException {
        this.folder = folder;
        try (var entries = Files.list(Installation.ROOT)) {
            for (var entry : entries.toList()) {
                var name = entry.getFileName().toString();
                if (OWN.contains(name)) {
                    bash("cp -r '%s' '%s'".formatted(entry, folder));
                } else if (!LEFT_OUT.contains(name)) {
                    Files.createSymbolicLink(folder.resolve(name), entry);
                }
            }
        }
    }

    public Path folder() {
        return folder;
    }

    public int port() {
        return port;
    }

    public Path database() {
        return folder.resolve("var/db");
    }

    public String address() {
        return "http://127.0.0.1:" + port;
    }

    /** A command as it is typed in the folder, run to its end. */
    public Script run(String command) throws IOException, InterruptedException {
        return run(command, Map.of());
    }

    /** The same, killed at a point of its scripts. */
    public Script runUntil(String point, String command) throws IOException, InterruptedException {
        return run(command, Map.of("GASKET_DIES_AT", point));
    }

    private Script run(String command, Map<String, String> more) throws IOException, InterruptedException {
        var process = process(command, more).redirectErrorStream(true);
        var log = Files.createTempFile("gasket-command", ".log");
        try {
            var running = process.redirectOutput(log.toFile()).start();
            running.getOutputStream().close();
            // What a script leaves running may hold its output open: its end is that of the script itself.
            int status = running.waitFor();
            return new Script(status, Files.readString(log));
        } finally {
            Files.delete(log);
        }
    }

    private ProcessBuilder process(String command, Map<String, String> more) {
        var process = new ProcessBuilder("bash", "-c", command).directory(folder.toFile());
        process.environment().keySet().removeIf(name -> name.startsWith("GASKET_"));
        process.environment().put("GASKET_PORT", "" + port);
        process.environment().putAll(more);
        return process;
    }

    /** A start command as it is typed; it goes on until it is ended. */
    public Started start(String command) throws IOException {
        return start(command, Map.of());
    }

    public Started start(String command, Map<String, String> more) throws IOException {
        var log = Files.createTempFile("gasket-start", ".log");
        var process = process("exec " + command, more)
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        process.getOutputStream().close();
        var one = new Started(process, log);
        started.add(one);
        return one;
    }

    /** The newest file of var/backups. */
    public Path newestBackup() throws IOException {
        try (var files = Files.list(folder.resolve("var/backups"))) {
            return files.filter(file -> file.toString().matches(".*\\.tar\\.gz(\\.enc)?"))
                    .max((one, other) -> one.getFileName().compareTo(other.getFileName()))
                    .orElseThrow();
        }
    }

    /** What lies beside the database that a restore has put away. */
    public List<Path> putAway() throws IOException {
        try (var files = Files.list(folder.resolve("var"))) {
            return files.filter(file -> file.getFileName().toString().startsWith("db.before-"))
                    .sorted()
                    .toList();
        }
    }

    /** What the database of the running application says: the first value of the first row. */
    public String asked(String sql) {
        return Servers.rows(env("GASKET_DB_URL"), env("GASKET_DB_USER"), env("GASKET_DB_PASSWORD"), sql)
                .get(0)
                .get(0);
    }

    private String env(String name) {
        try (var lines = Files.lines(database().resolve("env"))) {
            return lines.filter(line -> line.startsWith(name + "="))
                    .map(line -> line.substring(name.length() + 1))
                    .findFirst()
                    .orElseThrow();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The process whose id stands in a file. */
    public static ProcessHandle processOf(Path pid) throws IOException {
        return ProcessHandle.of(Long.parseLong(Files.readString(pid).strip())).orElseThrow();
    }

    /** As if somebody pulled the plug of the machine: all that was started here, and what that has started. */
    public void pullThePlug(Started one) throws IOException {
        var all = Stream.concat(Stream.of(one.process.toHandle()), one.process.descendants())
                .toList();
        var database = database().resolve("pid");
        var server = Files.exists(database)
                ? ProcessHandle.of(Long.parseLong(Files.readString(database).strip()))
                : null;
        all.forEach(ProcessHandle::destroyForcibly);
        if (server != null) {
            server.ifPresent(ProcessHandle::destroyForcibly);
            server.ifPresent(handle -> handle.onExit().join());
        }
        all.forEach(handle -> handle.onExit().join());
    }

    /** Ends all that runs in it. */
    public void stop() throws IOException {
        for (var one : started) {
            one.end();
        }
        try {
            run("scripts/database stop var/db; scripts/database stop var/db.new");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() throws IOException {
        stop();
        Installation.delete(folder);
    }

    private void bash(String command) throws IOException, InterruptedException {
        if (new ProcessBuilder("bash", "-c", command).start().waitFor() != 0) {
            throw new IOException("failed: " + command);
        }
    }
}
