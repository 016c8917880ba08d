package grimygasket.load;

import grimygasket.e2e.installation.Application;
import grimygasket.e2e.installation.Installation;
import grimygasket.e2e.installation.Ports;
import grimygasket.e2e.installation.Script;
import grimygasket.e2e.installation.Servers;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Three database servers that hold the same, two applications, and a proxy in front of either: whichever one dies, the others go on.
 * The proxy has one database written to, and another one only when that is away.
 */
final class Cluster implements Servers, AutoCloseable {
    private final Path folder = Files.createTempDirectory("gasket-cluster");
    private final Map<String, String> environment = new HashMap<>();
    final List<GaleraNode> nodes = IntStream.rangeClosed(1, 3)
            .mapToObj(i -> new GaleraNode(folder.resolve("node" + i)))
            .toList();
    final List<Application> applications = new ArrayList<>();
    private final int databasePort = Ports.free();
    private final int port = Ports.free();
    private Process proxy;

    Cluster() throws IOException, InterruptedException {
        try {
            begin();
            // They are told what the environment is by now.
            for (var log : List.of("application1.log", "application2.log")) {
                applications.add(new Application(folder.resolve(log), environment));
            }
            startProxy();
            for (var one : applications) {
                one.start();
            }
        } catch (IOException | IllegalStateException e) {
            close();
            throw e;
        }
    }

    /** Makes the data of one, founds the group with them, and lets the others join with copies. */
    private void begin() throws IOException, InterruptedException {
        var first = folder.resolve("node1");
        Script.run("database", "start", first);
        for (var line : Files.readAllLines(first.resolve("env"))) {
            environment.put(line.substring(0, line.indexOf('=')), line.substring(line.indexOf('=') + 1));
        }
        environment.putAll(Map.of(
                "GASKET_DB_URL",
                "jdbc:mariadb://127.0.0.1:" + databasePort + "/gasket",
                "GASKET_PROXY",
                "native",
                "GASKET_DEMO",
                "true",
                "GASKET_FIRST_LOGIN",
                Installation.LOGIN,
                "GASKET_FIRST_PASSWORD",
                Installation.PASSWORD));
        Script.run("database", "stop", first);
        nodes.get(0).found(nodes);
        nodes.get(0).close();
        for (int i = 2; i <= 3; i++) {
            var copy = new ProcessBuilder(
                    "cp", "-a", first.toString(), folder.resolve("node" + i).toString());
            copy.inheritIO().start().waitFor();
        }
        nodes.get(0).found(nodes);
        nodes.get(1).join(nodes);
        nodes.get(2).join(nodes);
    }

    /** The settings are those of docs/operations.md. */
    private void startProxy() throws IOException, InterruptedException {
        var check = Files.writeString(folder.resolve("is-ready"), """
                #!/bin/sh
                # Whether a node holds what the others do: asked by the proxy with the node's address and port.
                exec timeout 2 mariadb --no-defaults --host="$3" --port="$4" --user=gasket_app --password='%s' \\
                  --skip-column-names --batch --execute="show status like 'wsrep_ready'" | grep -q ON
                """.formatted(environment.get("GASKET_DB_PASSWORD")));
        Files.setPosixFilePermissions(check, PosixFilePermissions.fromString("rwx------"));
        var settings = Files.writeString(folder.resolve("proxy.cfg"), """
                global
                  external-check
                  insecure-fork-wanted
                defaults
                  timeout connect 2s
                  timeout client 120s
                  timeout server 120s
                  timeout check 3s
                listen database
                  mode tcp
                  bind 127.0.0.1:%d
                  option external-check
                  external-check path "/usr/bin:/bin"
                  external-check command %s
                  default-server check inter 1s fall 2 rise 2 on-marked-down shutdown-sessions
                  server node1 127.0.0.1:%d on-marked-up shutdown-backup-sessions
                  server node2 127.0.0.1:%d backup
                  server node3 127.0.0.1:%d backup
                listen application
                  mode http
                  bind 127.0.0.1:%d
                  option httpchk GET /api/session
                  http-check expect status 401
                  option redispatch
                  option forwardfor
                  default-server check inter 1s fall 1 rise 1
                  server application1 127.0.0.1:%d
                  server application2 127.0.0.1:%d
                """.formatted(
                        databasePort,
                        check,
                        nodes.get(0).port(),
                        nodes.get(1).port(),
                        nodes.get(2).port(),
                        port,
                        applications.get(0).port(),
                        applications.get(1).port()));
        proxy = new ProcessBuilder("haproxy", "-db", "-f", settings.toString())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("proxy.log").toFile())
                .start();
        Thread.sleep(3_000);
        if (!proxy.isAlive()) {
            throw new IllegalStateException(Files.readString(folder.resolve("proxy.log")));
        }
    }

    @Override
    public String address() {
        return "http://127.0.0.1:" + port;
    }

    @Override
    public List<List<String>> rows(String sql) {
        return rows(nodes.get(0), sql);
    }

    List<List<String>> rows(GaleraNode node, String sql) {
        return Servers.rows(node.url(), environment.get("GASKET_DB_USER"), environment.get("GASKET_DB_PASSWORD"), sql);
    }

    @Override
    public void close() {
        applications.forEach(Application::close);
        if (proxy != null) {
            proxy.destroy();
            proxy.onExit().join();
        }
        nodes.forEach(GaleraNode::close);
        Installation.delete(folder);
    }
}
