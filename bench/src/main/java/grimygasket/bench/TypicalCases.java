package grimygasket.bench;

import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.knowhow.Shipped;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Feature;
import grimygasket.pack.machine.Needs;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** The faults that their two or three likeliest symptoms, all seen and nothing else known, do not bring among the first three. */
public final class TypicalCases {
    private static final int FIRST = 3;

    private TypicalCases() {}

    public static void main(String[] args) {
        System.out.printf("%nFaults that their likeliest symptoms do not bring among the first %d%n", FIRST);
        for (int symptoms = 2; symptoms <= 3; symptoms++) {
            for (var kind : Shipped.KINDS) {
                var pack = Shipped.knowhow(kind).pack();
                int exceptions = 0;
                for (var fault : pack.faults()) {
                    var ranking = ranking(pack, fault, symptoms);
                    if (ranking.indexOf(fault.id()) >= FIRST) {
                        exceptions++;
                        System.out.printf(
                                "%-16s %d symptoms  %-24s stands at %d, behind %s%n",
                                kind,
                                symptoms,
                                fault.id(),
                                ranking.indexOf(fault.id()) + 1,
                                String.join(", ", ranking.subList(0, FIRST)));
                    }
                }
                System.out.printf(
                        "%-16s %d symptoms  %d of %d%n",
                        kind, symptoms, exceptions, pack.faults().size());
            }
        }
    }

    private static List<String> ranking(Pack pack, Fault fault, int symptoms) {
        var machine = Machine.of(pack, features(pack, fault), Map.of());
        var evidence = new Evidence(typicalSymptoms(pack, fault, machine.traits(), symptoms), Technician.van(pack));
        return Diagnosis.assess(pack, machine, evidence).ranking().stream()
                .map(suspect -> suspect.fault())
                .toList();
    }

    /** What is usually fitted, and what the fault and its stations need instead. */
    private static Set<String> features(Pack pack, Fault fault) {
        var needed = new HashSet<>(fault.needs());
        pack.paths().stream()
                .flatMap(path -> path.stations().stream())
                .filter(station -> fault.at().contains(station.id()))
                .forEach(station -> needed.addAll(station.needs()));
        var groups = pack.features().stream()
                .filter(feature -> feature.group() != null && needed.contains(feature.id()))
                .map(Feature::group)
                .collect(Collectors.toSet());
        pack.features().stream()
                .filter(feature -> feature.usual() && !groups.contains(feature.group()))
                .forEach(feature -> needed.add(feature.id()));
        return needed;
    }

    private static List<Finding> typicalSymptoms(Pack pack, Fault fault, Collection<String> traits, int most) {
        return pack.symptoms().stream()
                .filter(symptom -> Needs.met(symptom.needs(), traits))
                .filter(symptom -> symptom.causes().containsKey(fault.id()))
                .sorted(Comparator.comparingDouble(
                        (Symptom symptom) -> -symptom.causes().get(fault.id())))
                .limit(most)
                .map(symptom -> (Finding) new SymptomSettled(symptom.id(), Answer.YES))
                .toList();
    }
}
