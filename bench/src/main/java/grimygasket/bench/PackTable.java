package grimygasket.bench;

import grimygasket.knowhow.Shipped;
import grimygasket.pack.Instruction;
import grimygasket.pack.Numbers;
import grimygasket.pack.Pack;
import grimygasket.pack.Remedy;
import java.util.stream.Collectors;

/** How much each pack holds. */
public final class PackTable {
    private PackTable() {}

    public static void main(String[] args) {
        System.out.printf(
                "%n%-16s %7s %7s %7s %9s %7s %7s %7s %13s %20s%n",
                "machine",
                "faults",
                "signs",
                "checks",
                "remedies",
                "pieces",
                "habits",
                "tasks",
                "words/method",
                "numbers with source");
        for (var kind : Shipped.KINDS) {
            var pack = Shipped.knowhow(kind).pack();
            var numbers = Numbers.of(pack).keySet();
            System.out.printf(
                    "%-16s %7d %7d %7d %9d %7d %7d %7d %13.0f %12d of %d%n",
                    kind,
                    pack.faults().size(),
                    pack.signs().size(),
                    pack.checks().size(),
                    pack.remedies().size(),
                    pack.layers().stream()
                            .mapToInt(layer -> layer.pieces().size())
                            .sum(),
                    pack.habits().size(),
                    pack.cadences().size(),
                    medianWords(pack),
                    numbers.stream()
                            .filter(number -> pack.sourceOf(number).isPresent())
                            .count(),
                    numbers.size());
        }
    }

    /** Of the methods of remedies; the middle one, or the mean of the two in the middle. */
    private static double medianWords(Pack pack) {
        var words = pack.remedies().stream().mapToInt(PackTable::words).sorted().toArray();
        int middle = words.length / 2;
        return words.length % 2 == 1 ? words[middle] : (words[middle - 1] + words[middle]) / 2.0;
    }

    private static int words(Remedy remedy) {
        return remedy.steps().stream()
                .map(Instruction::said)
                .collect(Collectors.joining(" "))
                .split("\\s+")
                .length;
    }
}
