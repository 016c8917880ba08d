package grimygasket.diagnosis;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.Assessment.Suspect;
import grimygasket.diagnosis.plan.Plan;
import grimygasket.diagnosis.plan.Step;
import grimygasket.diagnosis.plan.Step.Kind;
import grimygasket.diagnosis.plan.Ties;
import grimygasket.diagnosis.story.Evidence;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What holds of every assessment, whatever the pack and the findings. */
public class AssessmentPropertiesTest {
    /** Steps whose costs differ by less keep their order, see {@link Ties}. */
    private static final double SAME = 1e-9;

    private static final int CASES = 60;

    @DataProvider
    Object[][] seeds() {
        var seeds = new Object[CASES][1];
        for (int i = 0; i < CASES; i++) {
            seeds[i][0] = 900 + i;
        }
        return seeds;
    }

    private static Evidence evidence(int seed) {
        var random = new Random(seed);
        var pack = RandomCases.pack(random, 5);
        return new Evidence(RandomCases.findings(random, pack), Packs.VAN);
    }

    private static Assessment assessment(int seed) {
        return Diagnosis.assess(RandomCases.pack(new Random(seed), 5), Packs.MACHINE, evidence(seed));
    }

    private static List<Step> steps(Plan plan) {
        return Stream.concat(Stream.ofNullable(plan.next()), plan.alternatives().stream())
                .toList();
    }

    private static double odds(double chance) {
        return chance / (1 - chance);
    }

    @Test(dataProvider = "seeds")
    public void theSameEvidenceGivesTheSameAssessment(int seed) {
        assertEquals(assessment(seed), assessment(seed));
    }

    @Test(dataProvider = "seeds")
    public void theRankingFallsAndStaysWithinCertainty(int seed) {
        var ranking = assessment(seed).ranking();
        assertEquals(new HashSet<>(ranking.stream().map(Suspect::fault).toList()).size(), ranking.size());
        for (int i = 0; i < ranking.size(); i++) {
            double chance = ranking.get(i).chance();
            assertTrue(chance >= 0 && chance <= 1, "chance " + chance);
            assertTrue(i == 0 || chance <= ranking.get(i - 1).chance());
        }
    }

    @Test(dataProvider = "seeds")
    public void theWeightsAddUpFromThePriorToThePosterior(int seed) {
        for (var suspect : assessment(seed).ranking()) {
            if (suspect.chance() > 1e-9 && suspect.chance() < 1 - 1e-9) {
                double decibans =
                        suspect.why().stream().mapToDouble(w -> w.decibans()).sum();
                assertEquals(
                        decibans,
                        10 * Math.log10(odds(suspect.chance()) / odds(suspect.prior())),
                        1e-6,
                        suspect.fault());
            }
        }
    }

    @Test(dataProvider = "seeds")
    public void theAdvisedStepCostsNothingExtraAndTheOthersMoreAndMore(int seed) {
        var steps = steps(assessment(seed).plan());
        double before = 0;
        for (int i = 0; i < steps.size(); i++) {
            double extra = steps.get(i).extraCost();
            assertTrue(i == 0 ? extra == 0 : extra >= before - SAME, steps.get(i) + " after " + before);
            before = extra;
        }
    }

    @Test(dataProvider = "seeds")
    public void theAnswersOfAQuestionAreAllThereAre(int seed) {
        for (var step : steps(assessment(seed).plan())) {
            if (step.kind() == Kind.ASK || step.kind() == Kind.FACT || step.kind() == Kind.CHECK) {
                double all =
                        step.prospects().stream().mapToDouble(p -> p.chance()).sum();
                assertEquals(all, 1, 1e-9, step.id());
            }
        }
    }

    @Test(dataProvider = "seeds")
    public void handingOnIsAlwaysPossibleUntilItIsCured(int seed) {
        var plan = assessment(seed).plan();
        if (plan.next() != null && plan.next().kind() != Kind.PROVE) {
            assertEquals(
                    steps(plan).stream()
                            .filter(step -> step.kind() == Kind.REFER)
                            .count(),
                    1);
            assertTrue(plan.expectedMinutes() <= 120 + 1e-9, "never longer than handing on at once");
        }
    }

    @Test(dataProvider = "seeds")
    public void theOrderOfCuresRunsForwardAndItsChanceRises(int seed) {
        double minutes = 0;
        double cured = 0;
        for (var milestone : assessment(seed).plan().order()) {
            assertTrue(milestone.minutes() > minutes);
            assertTrue(milestone.cured() >= cured - 1e-12 && milestone.cured() <= 1 + 1e-12);
            minutes = milestone.minutes();
            cured = milestone.cured();
        }
    }

    /** Over all cases at once, so that it fails if nothing would ever change the mind. */
    @Test
    public void whatWouldChangeTheMindPutsAnotherCauseFirst() {
        int turns = 0;
        for (int seed = 900; seed < 900 + CASES; seed++) {
            var assessment = assessment(seed);
            var first = assessment.ranking().get(0);
            var leader = assessment.noneOfThese() > first.chance() ? null : first.fault();
            for (var turn : assessment.turns()) {
                assertFalse(Objects.equals(turn.leader(), leader), turn.toString());
                turns++;
            }
        }
        assertTrue(turns > CASES / 2, turns + " turns");
    }
}
