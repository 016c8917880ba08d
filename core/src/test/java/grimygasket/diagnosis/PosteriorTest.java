package grimygasket.diagnosis;

import static grimygasket.diagnosis.Packs.chance;
import static grimygasket.diagnosis.Packs.evidence;
import static grimygasket.diagnosis.Packs.outcome;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.CodeShown;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Code;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.machine.Path;
import grimygasket.pack.machine.Ratings;
import grimygasket.pack.machine.Station;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PosteriorTest {
    @DataProvider
    Object[][] seeds() {
        var seeds = new Object[60][];
        for (int i = 0; i < seeds.length; i++) {
            seeds[i] = new Object[] {i};
        }
        return seeds;
    }

    @Test(dataProvider = "seeds")
    public void equalsBruteForceOverAllSets(int seed) {
        var random = new Random(seed);
        int faults = 2 + random.nextInt(6);
        var pack = RandomCases.pack(random, faults);
        var findings = RandomCases.findings(random, pack);
        var assessment = Diagnosis.assess(pack, Packs.MACHINE, new Evidence(findings, Packs.VAN), faults);
        var expected = BruteForce.posterior(pack, findings);
        for (int f = 0; f < faults; f++) {
            assertEquals(chance(assessment, "f" + f), expected[f], 1e-9, findings + " on f" + f);
        }
        assertEquals(assessment.noneOfThese(), expected[faults], 1e-9, "none of these after " + findings);
        assertEquals(assessment.massCutOff(), 0, 1e-12);
    }

    @Test(dataProvider = "seeds")
    public void setsOfThreeMissLittleMoreThanThePriorMassOfLargerOnes(int seed) {
        var random = new Random(seed);
        var pack = RandomCases.pack(random, 7);
        var symptoms = List.<Finding>of(
                new SymptomSettled("s0", random.nextBoolean() ? Answer.YES : Answer.NO),
                new SymptomSettled("s1", random.nextBoolean() ? Answer.YES : Answer.NO));
        var some = Diagnosis.assess(pack, Packs.MACHINE, new Evidence(symptoms, Packs.VAN));
        var all = BruteForce.posterior(pack, symptoms);
        assertTrue(some.massCutOff() > 0);
        // Leaving out mass m of likelihood at most 1 cannot shift a chance by more than m over the evidence's own
        // chance.
        double bound = some.massCutOff() / evidenceChance(pack, symptoms);
        for (int f = 0; f < 7; f++) {
            assertEquals(chance(some, "f" + f), all[f], bound + 1e-12);
        }
    }

    /** Worked by hand: two faults at 0.1 and 0.2, none of them called about in 1 of 100 cases. */
    @Test
    public void handWorkedExample() {
        var pack = new Packs()
                .fault("a", 0.1)
                .fault("b", 0.2)
                .symptom("symptom", 0.05, Map.of("a", 0.8, "b", 0.4))
                .remedy("cure-a", null, 5, null, Map.of("a", 0.9))
                .remedy("cure-b", null, 5, null, Map.of("b", 0.9))
                .build();
        // Weights:   {}            a           b           a and b
        // prior      0.72 x 0.01   0.08        0.18        0.02         sum 0.2872
        // P(yes)     0.05          0.81        0.43        0.886
        // product    0.00036       0.0648      0.0774      0.01772      sum 0.16028
        var assessment = Diagnosis.assess(pack, Packs.MACHINE, evidence(new SymptomSettled("symptom", Answer.YES)));
        assertEquals(chance(assessment, "a"), (0.0648 + 0.01772) / 0.16028, 1e-12);
        assertEquals(chance(assessment, "b"), (0.0774 + 0.01772) / 0.16028, 1e-12);
        assertEquals(assessment.noneOfThese(), 0.00036 / 0.16028, 1e-12);
        // Weight of the symptom for a: odds 0.1 : 0.1872 before, 0.08252 : 0.07776 after.
        var a = assessment.ranking().stream()
                .filter(s -> s.fault().equals("a"))
                .findFirst()
                .orElseThrow();
        assertEquals(a.why().get(0).decibans(), 10 * Math.log10((0.08252 / 0.07776) / (0.1 / 0.1872)), 1e-9);

        // Cleaning a in vain leaves a with a tenth of its weight, and b alone with what a and b gave up.
        //            {}            a           b                     a and b
        //            0.00036       0.00648     0.0774 + 0.015948     0.001772     sum 0.10196
        var after = Diagnosis.assess(
                pack,
                Packs.MACHINE,
                evidence(new SymptomSettled("symptom", Answer.YES), new RemedyTried("cure-a", Proved.STILL_FAILING)));
        assertEquals(chance(after, "a"), (0.00648 + 0.001772) / 0.10196, 1e-12);
        assertEquals(chance(after, "b"), (0.093348 + 0.001772) / 0.10196, 1e-12);
    }

    @Test
    public void weightsOfEvidenceAddUpFromThePriorToThePosterior() {
        var pack = RandomCases.pack(new Random(5), 6);
        var findings = RandomCases.findings(new Random(6), pack).stream()
                .filter(finding -> !finding.equals(new RemedyTried("both", Proved.CURED)))
                .toList();
        var assessment = Diagnosis.assess(pack, Packs.MACHINE, new Evidence(findings, Packs.VAN));
        for (var suspect : assessment.ranking()) {
            double sum = suspect.why().stream()
                    .mapToDouble(Assessment.Weight::decibans)
                    .sum();
            double before = 10 * Math.log10(suspect.prior() / (1 - suspect.prior()));
            double after = 10 * Math.log10(suspect.chance() / (1 - suspect.chance()));
            assertEquals(sum, after - before, 1e-6, suspect.fault());
        }
    }

    @Test
    public void nothingPassesTheFirstBlockedStation() {
        var pack = new Packs()
                .path(new Path(
                        "drain",
                        "Drain",
                        Path.Medium.WATER,
                        List.of(
                                new Station("sump", "Sump", List.of()),
                                new Station("pump", "Pump", List.of()),
                                new Station("hose", "Hose", List.of()))))
                .fault(new Fault(
                        "in-sump", "In sump", List.of("sump"), 0.01, 0.9, null, null, List.of(), Map.of(), List.of()))
                .fault(new Fault(
                        "in-pump", "In pump", List.of("pump"), 0.01, 0.9, null, null, List.of(), Map.of(), List.of()))
                .fault(new Fault(
                        "in-hose", "In hose", List.of("hose"), 0.01, 0.9, null, null, List.of(), Map.of(), List.of()))
                .check(
                        "flow-at-pump",
                        null,
                        3,
                        new Outcome("none", "No flow", 0.02, Map.of(), "pump", 0.95, List.of(), null),
                        outcome("flow", 0, Map.of()))
                .remedy("r", null, 5, null, Map.of("in-sump", 0.9, "in-pump", 0.9, "in-hose", 0.9))
                .build();
        var flows = Diagnosis.assess(pack, Packs.MACHINE, evidence(new CheckMade("flow-at-pump", "flow")));
        var stopped = Diagnosis.assess(pack, Packs.MACHINE, evidence(new CheckMade("flow-at-pump", "none")));
        // P(flow | only in-sump) = 0.98 (1 - 0.9 x 0.95) against 0.98 for a fault behind the pump.
        assertEquals(
                chance(flows, "in-sump") / chance(flows, "in-hose"),
                1 - 0.9 * 0.95,
                0.02,
                "flow clears what is before");
        assertTrue(
                chance(stopped, "in-hose") < 0.1 * chance(stopped, "in-pump"), "no flow accuses only what is before");
        var stations = flows.paths().get(1).stations();
        assertTrue(stations.get(0).cleared()
                || stations.get(0).chance() < stations.get(2).chance());
    }

    @Test
    public void noneOfTheseGrowsWhenTheEvidenceFitsNothing() {
        var pack = new Packs()
                .fault("a", 0.01)
                .symptom("mark", 0.02, Map.of("a", 0.95))
                .symptom("odd", 0.02, Map.of())
                .remedy("r", null, 5, null, Map.of("a", 0.9))
                .build();
        double before = Diagnosis.assess(pack, Packs.MACHINE, evidence()).noneOfThese();
        var after = Diagnosis.assess(
                pack,
                Packs.MACHINE,
                evidence(new SymptomSettled("odd", Answer.YES), new SymptomSettled("mark", Answer.NO)));
        assertTrue(before < 0.6, "" + before);
        assertTrue(after.noneOfThese() > 0.9, "" + after.noneOfThese());
    }

    @Test
    public void aCodeThatPointsToASignPointsToItsCauses() {
        var pack = new Packs()
                .fault("a", 0.01)
                .fault("b", 0.01)
                .symptom("water", 0.02, Map.of("a", 0.9))
                .remedy("r", null, 5, null, Map.of("a", 0.9))
                .build();
        var code = new Code(
                "Maker", "kind", Code.Display.CODE, "E1", "Water stands", 0.01, Map.of(), Map.of("water", 0.5), "");
        var assessment = Diagnosis.assess(pack, Packs.MACHINE, evidence(new CodeShown(code)));
        // P(code | a) = 1 - 0.99 (1 - 0.5 x 0.9), P(code | b) = 0.01.
        double a = 0.01 * 0.99 * (1 - 0.99 * 0.55);
        double b = 0.99 * 0.01 * 0.01;
        double both = 0.01 * 0.01 * (1 - 0.99 * 0.55);
        double none = 0.99 * 0.99 * 0.01 * 0.01;
        assertEquals(chance(assessment, "a"), (a + both) / (a + b + both + none), 1e-12);
    }

    @Test
    public void aFaultOfAFeatureThatTheMachineLacksIsNoSuspect() {
        var pack = new Packs()
                .feature("gap")
                .fault(new Fault(
                        "gap-blocked",
                        "Gap blocked",
                        List.of(),
                        0.01,
                        0,
                        null,
                        null,
                        List.of("gap"),
                        Map.of(),
                        List.of()))
                .fault("other", 0.01)
                .remedy("r", null, 5, null, Map.of("gap-blocked", 0.9))
                .build();
        assertEquals(Diagnosis.assess(pack, Packs.MACHINE, evidence()).ranking().size(), 1);
        assertEquals(
                Diagnosis.assess(pack, new Machine(Set.of("gap"), Ratings.NONE), evidence())
                        .ranking()
                        .size(),
                2);
    }

    private static double evidenceChance(Pack pack, List<Finding> symptoms) {
        double chance = 0;
        int n = pack.faults().size();
        for (int set = 0; set < 1 << n; set++) {
            double weight = set == 0 ? pack.unexplained() : 1;
            for (int f = 0; f < n; f++) {
                double rate = pack.faults().get(f).rate();
                weight *= (set >> f & 1) == 1 ? rate : 1 - rate;
            }
            for (var finding : symptoms) {
                var settled = (SymptomSettled) finding;
                var symptom = pack.symptom(settled.symptom());
                double no = 1 - symptom.leak();
                for (int f = 0; f < n; f++) {
                    no *= (set >> f & 1) == 1 ? 1 - symptom.causes().getOrDefault("f" + f, 0.0) : 1;
                }
                weight *= settled.answer() == Answer.YES ? 1 - no : no;
            }
            chance += weight;
        }
        return chance;
    }
}
