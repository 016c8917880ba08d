package grimygasket.bench;

import grimygasket.knowhow.Shipped;
import java.util.Random;
import java.util.stream.IntStream;

/** How far the plan is from the best policy there is, on cases small enough to search through all policies. */
public final class SmallCases {
    private static final int CASES = 40;

    private SmallCases() {}

    private record Costs(double best, double planned) {}

    public static void main(String[] args) {
        System.out.printf(
                "%n%d small cases a machine, expected minutes with the prices of parts%n%-16s %10s %10s %10s %10s%n",
                CASES, "machine", "optimum", "plan", "dearer by", "at worst");
        for (var kind : Shipped.KINDS) {
            var pack = Shipped.knowhow(kind).pack();
            var costs = IntStream.range(0, CASES)
                    .parallel()
                    .mapToObj(i -> {
                        var small = SmallCase.draw(pack, new Random(3_000L + i));
                        var policy = new Optimum(small.pack(), Technician.van(pack));
                        return new Costs(policy.best(small.complaint()), policy.planned(small.complaint()));
                    })
                    .toList();
            double best = costs.stream().mapToDouble(Costs::best).average().orElseThrow();
            double planned =
                    costs.stream().mapToDouble(Costs::planned).average().orElseThrow();
            System.out.printf(
                    "%-16s %10.1f %10.1f %9.1f%% %9.1f%%%n",
                    kind,
                    best,
                    planned,
                    100 * (planned / best - 1),
                    100
                            * (costs.stream()
                                            .mapToDouble(c -> c.planned / c.best)
                                            .max()
                                            .orElseThrow()
                                    - 1));
        }
    }
}
