package grimygasket.bench;

import grimygasket.pack.Pack;
import grimygasket.server.knowhow.Shipped;
import java.util.Arrays;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * Draws calls from a pack (hidden faults, noisy answers) and lets each technician work through the same ones. Prints the
 * minutes to a proved cure, or to handing on, and the share cured.
 */
public final class Simulation {
    private static final int CALLS = 2000;

    private Simulation() {}

    private record Call(double minutes, boolean cured, boolean secondVisit) {}

    public static void main(String[] args) {
        System.out.printf(
                "%n%d simulated calls a machine, minutes to a proved cure or to handing on%n%-16s %-18s %8s %8s %8s %12s%n",
                CALLS, "machine", "way of working", "mean", "90th", "cured", "first visit");
        for (var kind : Shipped.KINDS) {
            var pack = Shipped.knowhow(kind).pack();
            for (var technician : Technician.values()) {
                print(pack, technician);
            }
        }
    }

    private static void print(Pack pack, Technician technician) {
        var calls = IntStream.range(0, CALLS)
                .parallel()
                .mapToObj(i -> call(pack, technician, i))
                .toList();
        double[] minutes = calls.stream().mapToDouble(Call::minutes).sorted().toArray();
        System.out.printf(
                "%-16s %-18s %8.1f %8.1f %7.1f%% %11.1f%%%n",
                pack.id(),
                technician.name().toLowerCase().replace('_', ' '),
                Arrays.stream(minutes).average().orElseThrow(),
                minutes[(int) (0.9 * CALLS)],
                100.0 * calls.stream().filter(Call::cured).count() / CALLS,
                100.0 * calls.stream().filter(c -> c.cured && !c.secondVisit).count() / CALLS);
    }

    /** The same number gives every technician the same machine and complaint. */
    private static Call call(Pack pack, Technician technician, int number) {
        var random = new Random(1_000L + number);
        var machine = Draw.machine(pack, random);
        var world = new World(pack, Draw.faults(pack, machine, random), random);
        var complaint = Draw.complaint(pack, machine, world, random);
        boolean cured = technician.work(pack, machine, complaint, world);
        return new Call(world.minutes(), cured, world.secondVisit());
    }
}
