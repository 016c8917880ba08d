package grimygasket.bench;

import grimygasket.knowhow.Shipped;
import grimygasket.pack.Pack;
import grimygasket.pack.soundness.Numbers;
import grimygasket.pack.soundness.Verbs;
import grimygasket.pack.work.Instruction;
import grimygasket.pack.work.Remedy;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How much each pack holds. */
public final class PackTable {
    private PackTable() {}

    public static void main(String[] args) {
        System.out.printf(
                "%n%-16s %7s %7s %7s %9s %7s %7s %7s %13s %11s %11s %20s%n",
                "machine",
                "faults",
                "symptoms",
                "checks",
                "remedies",
                "pieces",
                "habits",
                "tasks",
                "words/method",
                "words/step",
                "verb first",
                "numbers with source");
        for (var kind : Shipped.KINDS) {
            var pack = Shipped.knowhow(kind).pack();
            var numbers = Numbers.of(pack).keySet();
            System.out.printf(
                    "%-16s %7d %7d %7d %9d %7d %7d %7d %13.0f %11.0f %10.0f%% %12d of %d%n",
                    kind,
                    pack.faults().size(),
                    pack.symptoms().size(),
                    pack.checks().size(),
                    pack.remedies().size(),
                    pack.layers().stream()
                            .mapToInt(layer -> layer.pieces().size())
                            .sum(),
                    pack.habits().size(),
                    pack.cadences().size(),
                    median(pack.remedies().stream().map(Remedy::steps)),
                    median(steps(pack).map(List::of)),
                    100
                            * steps(pack).filter(Verbs::leads).count()
                            / (double) steps(pack).count(),
                    numbers.stream()
                            .filter(number -> pack.sourceOf(number).isPresent())
                            .count(),
                    numbers.size());
        }
    }

    /** All steps of checks, remedies and proofs. */
    private static Stream<Instruction> steps(Pack pack) {
        return Stream.of(
                        pack.checks().stream().flatMap(check -> check.steps().stream()),
                        pack.remedies().stream().flatMap(remedy -> remedy.steps().stream()),
                        pack.proofs().stream().flatMap(proof -> proof.steps().stream()))
                .flatMap(Function.identity());
    }

    /** Of the words of some methods; the middle one, or the mean of the two in the middle. */
    private static double median(Stream<List<Instruction>> methods) {
        var words = methods.mapToInt(PackTable::words).sorted().toArray();
        int middle = words.length / 2;
        return words.length % 2 == 1 ? words[middle] : (words[middle - 1] + words[middle]) / 2.0;
    }

    private static int words(List<Instruction> steps) {
        return steps.stream()
                .map(Instruction::said)
                .collect(Collectors.joining(" "))
                .split("\\s+")
                .length;
    }
}
