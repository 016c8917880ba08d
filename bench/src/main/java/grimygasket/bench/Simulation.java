package grimygasket.bench;

import grimygasket.knowhow.Shipped;
import grimygasket.pack.Pack;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * Draws calls from a pack (hidden faults, noisy answers) and lets each technician work through the same ones. Prints the
 * minutes to a proved cure, or to handing on, and the share cured.
 */
public final class Simulation {
    private static final int CALLS = 2000;

    private Simulation() {}

    private record Call(double minutes, boolean cured, boolean secondVisit, boolean measured) {}

    public static void main(String[] args) {
        System.out.printf(
                "%n%d simulated calls a machine, minutes to a proved cure or to handing on%n%-16s %-18s %8s %8s %8s %12s%n",
                CALLS, "machine", "way of working", "mean", "90th", "cured", "first visit");
        for (var kind : Shipped.KINDS) {
            var pack = Shipped.knowhow(kind).pack();
            var byTechnician = new EnumMap<Technician, List<Call>>(Technician.class);
            for (var technician : Technician.values()) {
                byTechnician.put(technician, calls(pack, technician));
                print(pack, technician, byTechnician.get(technician));
            }
            printMeasured(pack, byTechnician.get(Technician.BY_THE_PLAN), byTechnician.get(Technician.WITHOUT_METERS));
        }
    }

    private static List<Call> calls(Pack pack, Technician technician) {
        return IntStream.range(0, CALLS)
                .parallel()
                .mapToObj(i -> call(pack, technician, i))
                .toList();
    }

    private static void print(Pack pack, Technician technician, List<Call> calls) {
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

    /** The calls in which the plan took an instrument, and the same ones without. */
    private static void printMeasured(Pack pack, List<Call> with, List<Call> without) {
        var which = IntStream.range(0, CALLS).filter(i -> with.get(i).measured).toArray();
        var saved = Arrays.stream(which)
                .mapToDouble(i -> without.get(i).minutes - with.get(i).minutes)
                .toArray();
        System.out.printf(
                "%-16s in %.1f%% of calls something is measured: %.1f min there, %.1f without meters;"
                        + " saves %.1f ± %.1f (standard error)%n",
                pack.id(),
                100.0 * which.length / CALLS,
                Arrays.stream(which)
                        .mapToDouble(i -> with.get(i).minutes)
                        .average()
                        .orElse(0),
                Arrays.stream(which)
                        .mapToDouble(i -> without.get(i).minutes)
                        .average()
                        .orElse(0),
                Arrays.stream(saved).average().orElse(0),
                standardError(saved));
    }

    /** Of the mean of some values; 0 for fewer than two. */
    private static double standardError(double[] values) {
        double mean = Arrays.stream(values).average().orElse(0);
        double squares = Arrays.stream(values).map(v -> (v - mean) * (v - mean)).sum();
        return values.length < 2 ? 0 : Math.sqrt(squares / (values.length - 1) / values.length);
    }

    /** The same number gives every technician the same machine and complaint. */
    private static Call call(Pack pack, Technician technician, int number) {
        var random = new Random(1_000L + number);
        var machine = Draw.machine(pack, random);
        var world = Draw.world(pack, machine, random);
        var complaint = Draw.complaint(pack, machine, world);
        boolean cured = technician.work(pack, machine, complaint, world);
        return new Call(world.minutes(), cured, world.secondVisit(), world.measured());
    }
}
