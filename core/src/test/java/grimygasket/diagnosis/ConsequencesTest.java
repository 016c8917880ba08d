package grimygasket.diagnosis;

import static grimygasket.diagnosis.Packs.chance;
import static grimygasket.diagnosis.Packs.evidence;
import static grimygasket.diagnosis.Packs.outcome;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.belief.Causes;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.plan.Plan;
import grimygasket.pack.Pack;
import grimygasket.pack.PackException;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** One fault brings another: a blown cut-out says that air was missing, and is not replaced before that is cured. */
public class ConsequencesTest {
    private static final SymptomSettled COLD = new SymptomSettled("cold", Answer.YES, true);
    private static final CheckMade BLOWN = new CheckMade("measure", "blown");
    private static final CheckMade AIR_GOOD = new CheckMade("flow", "good");
    private static final CheckMade AIR_POOR = new CheckMade("flow", "poor");

    private static Pack dryer() {
        return new Packs()
                .fault("duct", 0.005)
                .fault("fan", 0.001)
                .fault("element", 0.0005)
                .consequence("cut-out", 0.0004, Map.of("duct", 0.2, "fan", 0.2))
                .symptom("cold", 0.01, Map.of("cut-out", 0.97, "element", 0.95))
                .check(
                        "flow",
                        null,
                        3,
                        outcome("poor", 0.002, Map.of("duct", 0.95, "fan", 0.95)),
                        outcome("good", 0, Map.of()))
                .check(
                        "measure",
                        null,
                        4,
                        outcome("blown", 0.001, Map.of("cut-out", 0.96)),
                        outcome("open", 0.001, Map.of("element", 0.96)),
                        outcome("sound", 0, Map.of()))
                .remedy("clean-duct", null, 20, null, Map.of("duct", 0.95))
                .remedy("clean-fan", null, 20, null, Map.of("fan", 0.95))
                .remedy("fit-element", null, 20, null, Map.of("element", 0.95))
                .remedyAfterCauses("fit-cut-out", "fit-cut-out", 10, Map.of("cut-out", 0.95))
                .build();
    }

    private static Assessment assess(Finding... findings) {
        return Diagnosis.assess(dryer(), Packs.MACHINE, evidence(findings));
    }

    /** Worked by hand: P(blown) = 1 - (1 - 0.0004)(1 - 0.2 x P(duct))..., of which the causes hold nearly all. */
    @Test
    public void aConsequenceRaisesWhatBringsIt() {
        var assessment = assess(COLD, BLOWN);
        assertTrue(chance(assessment, "cut-out") > 0.95, "it was measured");
        assertEquals(
                chance(assessment, "duct") / chance(assessment, "fan"), 5, 0.5, "both bring it alike, by their rates");
        assertTrue(chance(assessment, "duct") > 0.5, chance(assessment, "duct") + " for the duct");
        var blown = assessment.ranking().stream()
                .filter(suspect -> suspect.fault().equals("cut-out"))
                .findFirst()
                .orElseThrow();
        assertEquals(blown.because().get(0).fault(), "duct");
    }

    @Test
    public void itsRemedyIsHeldBackWhileACauseIsNeitherClearedNorCured() {
        var plan = assess(COLD, BLOWN).plan();
        assertEquals(plan.heldBack(), List.of(new Plan.HeldBack("fit-cut-out", List.of("duct", "fan"))));
        assertNotEquals(plan.next().id(), "fit-cut-out");
        assertTrue(plan.alternatives().stream().noneMatch(step -> step.id().equals("fit-cut-out")));
    }

    @Test
    public void aCheckThatWouldHaveShownTheCausesClearsThem() {
        var plan = assess(COLD, BLOWN, AIR_GOOD).plan();
        assertEquals(plan.heldBack(), List.of());
        assertEquals(plan.next().id(), "fit-cut-out");
    }

    @Test
    public void aCauseThatIsFoundIsCuredFirst() {
        var found = assess(COLD, BLOWN, AIR_POOR).plan();
        assertEquals(found.next().id(), "clean-duct");
        var cured = assess(COLD, BLOWN, AIR_POOR, new RemedyTried("clean-duct", Proved.STILL_FAILING));
        assertEquals(cured.plan().heldBack().get(0).causes(), List.of("fan"), "the duct is clean now");
        var both = assess(COLD, BLOWN, AIR_POOR, new RemedyTried("clean-duct", Proved.STILL_FAILING), AIR_GOOD);
        assertEquals(both.plan().next().id(), "fit-cut-out");
    }

    @Test
    public void improbableIsNotCleared() {
        var machine = Packs.MACHINE;
        var remedy = dryer().remedy("fit-cut-out");
        assertEquals(Causes.open(dryer(), machine, List.of(COLD, BLOWN), remedy), List.of("duct", "fan"));
        assertEquals(Causes.open(dryer(), machine, List.of(AIR_GOOD), remedy), List.of());
        assertEquals(
                Causes.open(dryer(), machine, List.of(AIR_GOOD, AIR_POOR), remedy),
                List.of("duct", "fan"),
                "what is seen later counts");
        assertEquals(Causes.open(dryer(), machine, List.of(), dryer().remedy("clean-duct")), List.of());
    }

    @Test
    public void aFaultDoesNotBringItselfAbout() {
        var circle = new Packs()
                .consequence("a", 0.1, Map.of("b", 0.5))
                .consequence("b", 0.1, Map.of("c", 0.5))
                .consequence("c", 0.1, Map.of("a", 0.5));
        try {
            circle.build();
            assertFalse(true, "a circle is refused");
        } catch (PackException e) {
            assertTrue(e.getMessage().contains("brings itself about"), e.getMessage());
        }
    }
}
