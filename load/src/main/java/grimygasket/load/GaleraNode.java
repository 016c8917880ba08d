package grimygasket.load;

import grimygasket.e2e.installation.Application;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** One of several database servers that hold the same, by MariaDB's own replication; on loopback. */
final class GaleraNode implements AutoCloseable {
    static final Path LIBRARY = Path.of("/usr/lib/galera/libgalera_smm.so");

    private static final Duration PATIENCE = Duration.ofSeconds(120);

    private static int ports = 24_000;

    private final Path folder;
    private final int port = ownPort();
    private final int group = ownPort();
    private final int copy = ownPort();
    private final int transfer = ownPort();
    private Process server;

    /** @param folder with its data in {@code data}, which all nodes have the same of at first */
    GaleraNode(Path folder) {
        this.folder = folder;
    }

    /** Below those that the machine gives to whoever calls out: one must not be taken while the node is dead. */
    private static synchronized int ownPort() {
        do {
            ports++;
        } while (Application.answers(ports));
        return ports;
    }

    int port() {
        return port;
    }

    /**
     * Waits until it holds what the others do. It may have ended by itself, as one that was cut off does where it cannot agree with what
     * the others did meanwhile: then it is started again.
     *
     * @return whether it had ended
     */
    boolean comeBack(List<GaleraNode> all) throws IOException, InterruptedException {
        boolean ended = false;
        while (!isSynced()) {
            if (!server.isAlive()) {
                ended = true;
                join(all);
            }
            Thread.sleep(200);
        }
        return ended;
    }

    Path log() {
        return folder.resolve("server.log");
    }

    String url() {
        return "jdbc:mariadb://127.0.0.1:" + port + "/gasket";
    }

    private String groupAddress() {
        return "127.0.0.1:" + group;
    }

    /** Begins a new group with what it holds. */
    void found(List<GaleraNode> all) throws IOException, InterruptedException {
        run(all, "--wsrep-new-cluster");
    }

    /** Joins the group again, from where it left. */
    void join(List<GaleraNode> all) throws IOException, InterruptedException {
        run(all, "--wsrep-start-position=" + position(all));
    }

    /** The last change that it holds, read off its files after it was killed. */
    private String position(List<GaleraNode> all) throws IOException, InterruptedException {
        var log = folder.resolve("position.log");
        new ProcessBuilder(command(all, "--wsrep-recover"))
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start()
                .waitFor();
        return Files.readAllLines(log).stream()
                .filter(line -> line.contains("Recovered position: "))
                .map(line -> line.substring(line.indexOf("Recovered position: ") + 20)
                        .strip())
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("no position in " + log));
    }

    private void run(List<GaleraNode> all, String how) throws IOException, InterruptedException {
        server = new ProcessBuilder(command(all, how))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(
                        folder.resolve("server.log").toFile()))
                .start();
        awaitSynced();
    }

    private List<String> command(List<GaleraNode> all, String how) {
        var group = all.stream().map(GaleraNode::groupAddress).collect(Collectors.joining(","));
        return Stream.of(
                        "mariadbd",
                        "--no-defaults",
                        "--datadir=" + folder.resolve("data"),
                        "--tmpdir=" + folder.resolve("tmp"),
                        "--user=" + System.getProperty("user.name"),
                        "--socket=db.sock",
                        "--bind-address=127.0.0.1",
                        "--port=" + port,
                        "--pid-file=" + folder.resolve("pid"),
                        "--skip-name-resolve",
                        "--innodb-buffer-pool-size=64M",
                        "--default-time-zone=+00:00",
                        "--binlog-format=ROW",
                        "--log-bin-trust-function-creators=1",
                        "--innodb-autoinc-lock-mode=2",
                        "--wsrep-on=ON",
                        "--wsrep-provider=" + LIBRARY,
                        "--wsrep-cluster-name=gasket",
                        "--wsrep-cluster-address=gcomm://" + group,
                        "--wsrep-node-address=127.0.0.1",
                        "--wsrep-node-name=" + folder.getFileName(),
                        "--wsrep-sst-method=mariabackup",
                        "--wsrep-sst-auth=" + System.getProperty("user.name") + ":",
                        "--wsrep-sst-receive-address=127.0.0.1:" + copy,
                        // One node at a time is written to, and the log of commands is counted without gaps.
                        "--wsrep-auto-increment-control=OFF",
                        // What another node has committed is seen by whoever asks this one next.
                        "--wsrep-sync-wait=7",
                        "--wsrep-provider-options=gmcast.listen_addr=tcp://" + groupAddress()
                                + ";ist.recv_addr=127.0.0.1:" + transfer
                                + ";gcache.size=256M",
                        how)
                .toList();
    }

    /** Until it holds what the others do, and takes questions. */
    private void awaitSynced() throws IOException, InterruptedException {
        var until = Instant.now().plus(PATIENCE);
        while (!isSynced()) {
            if (!server.isAlive() || Instant.now().isAfter(until)) {
                throw new IllegalStateException("a node did not join: see " + folder.resolve("server.log")
                        + tail(folder.resolve("server.log")));
            }
            Thread.sleep(200);
        }
    }

    private static String tail(Path log) throws IOException {
        var lines = new ArrayList<>(Files.readAllLines(log));
        return "\n" + String.join("\n", lines.subList(Math.max(0, lines.size() - 20), lines.size()));
    }

    private boolean isSynced() throws IOException, InterruptedException {
        return status("wsrep_local_state_comment").equals("Synced")
                && status("wsrep_ready").equals("ON");
    }

    /** What it says of itself; nothing while it does not answer. */
    private String status(String name) throws IOException, InterruptedException {
        var asked = new ProcessBuilder(
                        "timeout",
                        "2",
                        "mariadb",
                        "--no-defaults",
                        "--socket=db.sock",
                        "--skip-column-names",
                        "--batch",
                        "--execute=show status like '" + name + "'")
                .directory(folder.resolve("data").toFile())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        var said = new String(asked.getInputStream().readAllBytes()).strip().split("\t");
        asked.waitFor();
        return said.length == 2 ? said[1] : "";
    }

    /** As if somebody pulled its plug. */
    void kill() throws InterruptedException {
        server.destroyForcibly().waitFor();
    }

    /** As if it was cut off: it says nothing, hears nothing, and does not know it. */
    void freeze() throws IOException, InterruptedException {
        signal("STOP");
    }

    /** It hears the others again, who have gone on without it. */
    void thaw() throws IOException, InterruptedException {
        signal("CONT");
    }

    private void signal(String signal) throws IOException, InterruptedException {
        new ProcessBuilder("kill", "-" + signal, "" + server.pid()).start().waitFor();
    }

    @Override
    public void close() {
        if (server != null) {
            server.destroy();
            try {
                if (!server.waitFor(1, TimeUnit.MINUTES)) {
                    kill();
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
    }
}
