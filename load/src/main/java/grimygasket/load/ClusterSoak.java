package grimygasket.load;

import grimygasket.e2e.installation.Installation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutionException;

/**
 * The day of many devices, on several servers: meanwhile nodes of the database die or are cut off, and applications die, one after
 * the other, and come back. In the end every node has to hold the same. Run by scripts/cluster.
 */
final class ClusterSoak {
    private static final List<String> TABLES =
            List.of("command_log", "service_call", "customer", "machine", "van_stock", "device");

    /** A node takes a minute to come back: so that calls do not grow without end meanwhile, devices rest. */
    private static final int LONGEST_REST_MILLIS = 25_000;

    private static final int COMMANDS = 2_000;

    private ClusterSoak() {}

    public static void main(String[] args) throws Exception {
        var random = new Random();
        try (var cluster = new Cluster()) {
            soak(cluster, Integer.parseInt(args[0]), random);
        }
    }

    private static void soak(Cluster cluster, int kills, Random random)
            throws IOException, InterruptedException, ExecutionException {
        try {
            Soak.day(cluster, new Soak.Plan(COMMANDS, kills, LONGEST_REST_MILLIS), () -> {
                Thread.sleep(random.nextInt(3_000));
                for (var node : cluster.nodes) {
                    if (node.comeBack(cluster.nodes)) {
                        System.out.println("a node had ended by itself, and was started again");
                    }
                }
                int one = random.nextInt(5);
                if (one < 2) {
                    var application = cluster.applications.get(one);
                    application.kill();
                    Thread.sleep(random.nextInt(3_000));
                    application.start();
                    return;
                }
                // Of the nodes the one that is written to is struck as often as the others together.
                var node = cluster.nodes.get(random.nextBoolean() ? 0 : 1 + random.nextInt(2));
                if (one < 4) {
                    node.kill();
                    Thread.sleep(3_000L + random.nextInt(3_000));
                    node.join(cluster.nodes);
                } else {
                    node.freeze();
                    Thread.sleep(8_000L + random.nextInt(3_000));
                    node.thaw();
                }
            });
            for (var table : TABLES) {
                var sums = cluster.nodes.stream()
                        .map(node -> cluster.rows(node, "checksum table " + table)
                                .get(0)
                                .get(1))
                        .distinct()
                        .toList();
                if (sums.size() != 1) {
                    throw new IllegalStateException("the nodes hold " + sums.size() + " different tables " + table);
                }
            }
            System.out.println("three nodes hold the same " + TABLES.size() + " tables");
        } catch (IllegalStateException e) {
            for (var node : cluster.nodes) {
                var kept = Installation.ROOT.resolve(
                        "var/log/" + node.log().getParent().getFileName() + ".log");
                Files.copy(node.log(), kept, StandardCopyOption.REPLACE_EXISTING);
            }
            throw e;
        }
    }
}
