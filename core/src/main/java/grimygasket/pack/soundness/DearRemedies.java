package grimygasket.pack.soundness;

import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.work.Remedy;
import java.util.List;

/** Finds dear remedies that are done without the cheap look that would have shown what they are for. */
final class DearRemedies {
    /** Minutes from which on a remedy is dear; one with a part always is. */
    private static final double DEAR = 10;

    /** Minutes up to which a look is cheap, what it opens included. */
    private static final double CHEAP = 5;

    /** From this chance on a remedy is for a fault. */
    private static final double CURES = 0.5;

    /** From this strength on a look shows a fault for certain ... */
    private static final double CERTAIN = 0.8;

    /** ... and from this one on it is enough of a look. */
    private static final double ENOUGH = 0.5;

    private DearRemedies() {}

    /** A sentence for each. What only licensed people do is not done by whoever looks. */
    static List<String> withoutLook(Pack pack) {
        return pack.remedies().stream()
                .filter(remedy -> remedy.licensed() == null)
                .filter(remedy -> remedy.minutes() > DEAR || !remedy.parts().isEmpty())
                .filter(remedy ->
                        remedy.after().stream().noneMatch(look -> shows(pack, pack.check(look), remedy, ENOUGH)))
                .filter(remedy -> pack.checks().stream()
                        .anyMatch(check -> minutes(pack, check) <= CHEAP && shows(pack, check, remedy, CERTAIN)))
                .map(remedy ->
                        "Remedy “" + remedy.name() + "” comes after no look, though a cheap one shows what it is for.")
                .toList();
    }

    private static double minutes(Pack pack, Check check) {
        return check.minutes()
                + pack.chain(check.layer()).stream()
                        .mapToDouble(layer -> layer.openMinutes() + layer.closeMinutes())
                        .sum();
    }

    /** Whether a check shows something that a remedy is for. */
    private static boolean shows(Pack pack, Check check, Remedy remedy, double least) {
        return check.outcomes().stream()
                .flatMap(outcome -> pack.strengths(outcome).entrySet().stream())
                .anyMatch(shown ->
                        shown.getValue() >= least && remedy.cures().getOrDefault(shown.getKey(), 0.0) >= CURES);
    }
}
