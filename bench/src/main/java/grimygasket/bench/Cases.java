package grimygasket.bench;

import grimygasket.knowhow.CaseReader;
import grimygasket.knowhow.Shipped;

/** The cases that ship, each with what the application makes of it; those that fail with why. */
public final class Cases {
    private Cases() {}

    public static void main(String[] args) {
        int all = 0;
        int met = 0;
        System.out.printf("%n%-16s %-36s %-44s %s%n", "machine", "case", "likeliest", "next step");
        for (var kind : Shipped.KINDS) {
            for (var run : CaseReader.run(Shipped.knowhow(kind))) {
                all++;
                met += run.failures().isEmpty() ? 1 : 0;
                System.out.printf(
                        "%-16s %-36s %-44s %s%n",
                        kind, run.one().id(), run.leader() + " " + Math.round(100 * run.chance()) + " %", run.next());
                run.failures().forEach(failure -> System.out.println("    fails: " + failure));
                if (run.one().fails() != null) {
                    System.out.println("    known: " + run.one().fails());
                }
            }
        }
        System.out.printf("%d of %d cases met%n", met, all);
    }
}
