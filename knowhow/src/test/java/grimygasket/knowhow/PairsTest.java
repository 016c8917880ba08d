package grimygasket.knowhow;

import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.diagnosis.story.Van;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Feature;
import grimygasket.pack.machine.Needs;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Two complaints without a common cause are two listed faults, and no reason to give up. */
public class PairsTest {
    private static final Van VAN = new Van(60, 60, Map.of(), Set.of(), true, Set.of());

    /** Of the pairs that listed faults explain, the share that may be taken for something unlisted. */
    private static final double MOST_GIVEN_UP = 0.1;

    @DataProvider
    Object[][] kinds() {
        return Shipped.KINDS.stream().map(kind -> new Object[] {kind}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "kinds")
    public void twoComplaintsAreTwoFaults(String kind) {
        var pack = Shipped.knowhow(kind).pack();
        var usual =
                pack.features().stream().filter(Feature::usual).map(Feature::id).collect(Collectors.toSet());
        var machine = Machine.of(pack, usual, Map.of());
        var possible = machine.faults(pack).stream().map(Fault::id).collect(Collectors.toSet());
        var complaints = pack.symptoms().stream()
                .filter(symptom -> symptom.complaint() && Needs.met(symptom.needs(), machine.traits()))
                .filter(symptom -> !Collections.disjoint(symptom.causes().keySet(), possible))
                .toList();
        int pairs = 0;
        int givenUp = 0;
        for (var one : complaints) {
            for (var other : complaints.subList(0, complaints.indexOf(one))) {
                if (Collections.disjoint(one.causes().keySet(), other.causes().keySet())) {
                    pairs++;
                    givenUp += isGivenUp(pack, machine, List.of(other, one)) ? 1 : 0;
                }
            }
        }
        System.out.printf("%s: none of these leads in %d of %d pairs of complaints%n", kind, givenUp, pairs);
        assertTrue(pairs > 0 && givenUp <= MOST_GIVEN_UP * pairs, givenUp + " of " + pairs);
    }

    private static boolean isGivenUp(Pack pack, Machine machine, List<Symptom> told) {
        var findings = told.stream()
                .<Finding>map(symptom -> new SymptomSettled(symptom.id(), Answer.YES, true))
                .toList();
        var assessment = Diagnosis.assess(pack, machine, new Evidence(findings, VAN));
        return assessment.noneOfThese() > assessment.ranking().get(0).chance();
    }
}
