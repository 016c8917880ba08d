package grimygasket.visit;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Assessment.Suspect;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Checked;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.plan.Ties;
import grimygasket.diagnosis.story.Quarantine;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.util.Distinct;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** The free checks that a customer can make by telephone, and that may save the visit. */
public final class PhoneChecks {
    private PhoneChecks() {}

    /**
     * @param check its id
     * @param chance that one of the faults that it shows is there, 0 to 1, were they to exclude each other
     */
    public record PhoneCheck(String check, double chance) {}

    /** Those not made yet, likeliest to find something first; after an alarm nothing is asked for until it is cleared. */
    public static List<PhoneCheck> of(Pack pack, Machine machine, Assessment assessment, List<Finding> findings) {
        if (Quarantine.of(pack, machine, findings).holds()) {
            return List.of();
        }
        var made = findings.stream()
                .filter(Checked.class::isInstance)
                .map(finding -> ((Checked) finding).check())
                .collect(Collectors.toSet());
        var chances = assessment.ranking().stream().collect(Collectors.toMap(Suspect::fault, Suspect::chance));
        return pack.checks().stream()
                .filter(check -> check.phone() != null && machine.meets(check.needs()) && !made.contains(check.id()))
                .map(check -> new PhoneCheck(check.id(), chance(check, chances)))
                .sorted(Ties.descending(PhoneCheck::chance))
                .toList();
    }

    private static double chance(Check check, Map<String, Double> chances) {
        double sum = check.outcomes().stream()
                .flatMap(outcome -> outcome.causes().keySet().stream())
                .collect(Distinct.toList())
                .stream()
                .mapToDouble(fault -> chances.getOrDefault(fault, 0.0))
                .sum();
        return Math.min(1, sum);
    }
}
