package grimygasket.diagnosis.belief;

import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.ReadingTaken;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.gauge.Verdict;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.work.Remedy;
import grimygasket.util.Distinct;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Which causes are cleared or cured. A fault that others bring about comes back while they stand, so its remedy may ask for
 * them first (field guide, sections 3.3 and 8: a thermal cut-out replaced without curing the airflow blows again).
 *
 * <p>A cause is cleared when a check that would have shown it did not, and cured when a remedy for it was done; a check that
 * shows it opens it again. This goes by what was looked at, not by chance: that a cause is improbable does not clear it.
 */
public final class Causes {
    /** From this strength on, an outcome would have shown a fault, and a remedy is one for it. */
    private static final double SHOWS = 0.5;

    private static final double CURES = 0.3;

    private Causes() {}

    /**
     * The faults that bring about what a remedy cures, and that are neither cleared nor cured.
     *
     * @return ids in the order of the pack; empty for a remedy that does not ask for its causes first
     */
    public static List<String> open(Pack pack, Machine machine, List<Finding> findings, Remedy remedy) {
        if (!remedy.causesFirst()) {
            return List.of();
        }
        var settled = settled(pack, machine, findings);
        var causes = of(pack, remedy);
        return machine.faults(pack).stream()
                .map(Fault::id)
                .filter(fault -> causes.contains(fault) && !settled.contains(fault))
                .toList();
    }

    /** Ids of all faults that bring about what a remedy cures. */
    public static Set<String> of(Pack pack, Remedy remedy) {
        var causes = new LinkedHashSet<String>();
        remedy.cures()
                .keySet()
                .forEach(fault -> causes.addAll(pack.fault(fault).broughtBy().keySet()));
        causes.removeAll(remedy.cures().keySet());
        return causes;
    }

    /** Ids of the faults that are cleared or cured. */
    public static Set<String> settled(Pack pack, Machine machine, List<Finding> findings) {
        var settled = new HashSet<String>();
        for (var finding : findings) {
            if (finding instanceof RemedyTried tried) {
                settled.addAll(cured(pack.remedy(tried.remedy())));
            } else if (finding instanceof CheckMade made) {
                var check = pack.check(made.check());
                int outcome = check.outcomeIndex(made.outcome());
                settled.removeAll(shown(pack, check, outcome));
                settled.addAll(cleared(pack, check, outcome));
            } else if (finding instanceof ReadingTaken taken) {
                var check = pack.check(taken.check());
                if (Expectation.of(pack, machine).get(check.id()).verdict(taken.reading()) == Verdict.GOOD) {
                    settled.addAll(cleared(pack, check, check.outcomes().size() - 1));
                } else {
                    settled.removeAll(spokenFor(pack, machine, check, taken));
                }
            }
        }
        return settled;
    }

    /**
     * Ids of the faults that a bad reading shows: of those that its check can show, the ones that explain it best. An outlet as
     * cold as the room says nothing against the air, nor does a towel that stays wet as in a dryer without heat.
     */
    private static Set<String> spokenFor(Pack pack, Machine machine, Check check, ReadingTaken taken) {
        var network = Networks.of(pack, machine, 0);
        var faults = IntStream.range(0, check.outcomes().size() - 1)
                .boxed()
                .flatMap(outcome -> shown(pack, check, outcome).stream())
                .collect(Distinct.toList())
                .stream()
                .map(network::indexOf)
                .filter(Objects::nonNull)
                .mapToInt(Integer::intValue)
                .toArray();
        return network.reading(check)
                .spokenFor(faults, taken.reading())
                .mapToObj(fault -> network.faults.get(fault).id())
                .collect(Collectors.toSet());
    }

    /** Ids of the faults that a remedy is for. */
    public static Set<String> cured(Remedy remedy) {
        var cured = new HashSet<String>();
        remedy.cures().forEach((fault, chance) -> {
            if (chance >= CURES) {
                cured.add(fault);
            }
        });
        return cured;
    }

    /** Ids of the faults that an outcome shows. */
    static Set<String> shown(Pack pack, Check check, int outcome) {
        var shown = new HashSet<String>();
        pack.strengths(check.outcomes().get(outcome)).forEach((fault, strength) -> {
            if (strength >= SHOWS) {
                shown.add(fault);
            }
        });
        return shown;
    }

    /** Ids of the faults that would have shown as an outcome that takes precedence over the one that was seen. */
    static Set<String> cleared(Pack pack, Check check, int seen) {
        var cleared = new HashSet<String>();
        for (int o = 0; o < seen; o++) {
            cleared.addAll(shown(pack, check, o));
        }
        cleared.removeAll(pack.strengths(check.outcomes().get(seen)).keySet());
        return cleared;
    }
}
