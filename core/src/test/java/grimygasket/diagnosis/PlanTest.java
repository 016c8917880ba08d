package grimygasket.diagnosis;

import static grimygasket.diagnosis.Packs.evidence;
import static grimygasket.diagnosis.Packs.outcome;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.plan.Plan;
import grimygasket.diagnosis.plan.Step;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.diagnosis.story.Van;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Outcome;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

public class PlanTest {
    /** Two equally likely faults; a short look tells them apart. */
    private static Packs two() {
        return new Packs()
                .fault("a", 0.01)
                .fault("b", 0.01)
                .remedy("cure-a", null, 30, null, Map.of("a", 0.95))
                .remedy("cure-b", null, 30, null, Map.of("b", 0.95));
    }

    private static Step step(Plan plan, String id) {
        return plan.next().id().equals(id)
                ? plan.next()
                : plan.alternatives().stream()
                        .filter(s -> s.id().equals(id))
                        .findFirst()
                        .orElseThrow();
    }

    private static Plan plan(Pack pack, Finding... findings) {
        return Diagnosis.assess(pack, Packs.MACHINE, evidence(findings)).plan();
    }

    @Test
    public void aShortLookThatTellsTwoCausesApartComesBeforeALongRemedy() {
        var pack = two().check(
                        "look", null, 2, outcome("it-is-a", 0.02, Map.of("a", 0.95)), outcome("not-a", 0, Map.of()))
                .build();
        var next = plan(pack).next();
        assertEquals(next.id(), "look");
        assertEquals(next.prospects().get(0).leader(), "a");
        assertEquals(next.prospects().get(1).leader(), "b");
        assertEquals(
                next.prospects().stream().mapToDouble(Step.Prospect::chance).sum(), 1, 1e-12);
        assertFalse(next.reasons().isEmpty());
        assertEquals(plan(pack, new CheckMade("look", "it-is-a")).next().id(), "cure-a");
        assertEquals(plan(pack, new CheckMade("look", "not-a")).next().id(), "cure-b");
    }

    @Test
    public void aLookThatCostsMoreThanItSavesIsNotAdvised() {
        var pack = two().check(
                        "look", null, 90, outcome("it-is-a", 0.02, Map.of("a", 0.95)), outcome("not-a", 0, Map.of()))
                .build();
        assertEquals(plan(pack).next().kind(), Step.Kind.REMEDY);
        assertTrue(step(plan(pack), "look").extraCost() > 30);
    }

    /** Worked by hand: one certain fault, one remedy of 10 min with a proof of 2 behind a layer of 3 and 4. */
    @Test
    public void expectedMinutesCountOpeningProofClosingAndTheChanceOfFailing() {
        var pack = new Packs()
                .refer(100)
                .layer("cover", null, 3, 4)
                .fault("a", 0.5)
                .symptom("certain", 1e-9, Map.of("a", 0.5))
                .remedy("cure-a", "cover", 10, null, Map.of("a", 0.8))
                .build();
        var plan = plan(pack, new SymptomSettled("certain", Answer.YES));
        assertEquals(step(plan, "cure-a").reach().minutes(), 7, 1e-12);
        assertEquals(step(plan, "cure-a").expectedMinutes(), 7 + 10 + 2 + 0.2 * 100, 1e-5);
        assertEquals(plan.order().get(0).minutes(), 19, 1e-12);
        assertEquals(plan.order().get(0).cured(), 0.8, 1e-6);
    }

    @Test
    public void aLayerIsPaidOnceForAllThatItExposes() {
        var pack = two().layer("cover", null, 10, 10)
                .check("look", "cover", 2, outcome("it-is-a", 0.02, Map.of("a", 0.95)), outcome("not-a", 0, Map.of()))
                .remedy("inside-b", "cover", 5, null, Map.of("b", 0.95))
                .build();
        assertEquals(step(plan(pack), "inside-b").reach().minutes(), 20, 1e-12);
        assertEquals(step(plan(pack), "inside-b").reach().opens(), List.of("cover"));
        var opened = plan(pack, new CheckMade("look", "not-a"));
        assertEquals(opened.next().id(), "inside-b");
        assertEquals(opened.next().reach().minutes(), 0, 1e-12);
    }

    @Test
    public void aLayerWithinAnotherOpensBoth() {
        var pack = two().layer("outer", null, 1, 2)
                .layer("inner", "outer", 3, 4)
                .remedy("deep", "inner", 5, null, Map.of("a", 0.9))
                .build();
        var deep = step(plan(pack), "deep");
        assertEquals(deep.reach().minutes(), 10, 1e-12);
        assertEquals(deep.reach().opens(), List.of("outer", "inner"));
    }

    /** Three faults at hand behind one cover beat a likelier one outside, though each alone would not. */
    @Test
    public void remediesBehindTheSameCoverCompeteTogether() {
        var pack = new Packs()
                .layer("cover", null, 12, 0)
                .fault("outside", 0.010)
                .fault("x", 0.009)
                .fault("y", 0.009)
                .fault("z", 0.009)
                .remedy("cure-outside", null, 18, null, Map.of("outside", 0.9))
                .remedy("cure-x", "cover", 3, null, Map.of("x", 0.9))
                .remedy("cure-y", "cover", 3, null, Map.of("y", 0.9))
                .remedy("cure-z", "cover", 3, null, Map.of("z", 0.9))
                .build();
        // Alone: 0.009 / (12 + 3 + 2) < 0.010 / (18 + 2); together: 0.027 / (12 + 15) > 0.0005.
        var order = plan(pack).order();
        assertTrue(order.get(0).remedy().matches("cure-[xyz]"), order.toString());
        assertEquals(order.get(3).remedy(), "cure-outside");
    }

    @Test
    public void aPartThatIsNotOnTheVanCostsAReturnTrip() {
        var pack = new Packs()
                .fault("a", 0.01)
                .remedy("replace", null, 10, "pump", Map.of("a", 0.95))
                .build();
        var without = Diagnosis.assess(pack, Packs.MACHINE, new Evidence(List.of(), new Van(60, 40, Map.of())));
        var with =
                Diagnosis.assess(pack, Packs.MACHINE, new Evidence(List.of(), new Van(60, 40, Map.of("pump", 30.0))));
        var dear =
                Diagnosis.assess(pack, Packs.MACHINE, new Evidence(List.of(), new Van(60, 40, Map.of("pump", 90.0))));
        assertFalse(step(without.plan(), "replace").parts().get(0).onVan());
        assertTrue(step(with.plan(), "replace").parts().get(0).onVan());
        assertEquals(
                step(without.plan(), "replace").expectedMinutes()
                        - step(with.plan(), "replace").expectedMinutes(),
                40,
                1e-9);
        // A part for 90 at 60 an hour counts 90 min of work against handing on, but takes no time.
        assertEquals(
                step(dear.plan(), "replace").expectedMinutes(),
                step(with.plan(), "replace").expectedMinutes(),
                1e-9);
        assertTrue(step(dear.plan(), "replace").extraCost()
                >= step(with.plan(), "replace").extraCost());
    }

    @Test
    public void theGentleRemedyComesBeforeTheNewPart() {
        var pack = new Packs()
                .fault("jammed", 0.01)
                .remedy("clear", null, 8, null, Map.of("jammed", 0.85))
                .remedy("replace", null, 12, "pump", Map.of("jammed", 0.97))
                .build();
        var van = new Van(60, 40, Map.of("pump", 50.0));
        var next = Diagnosis.assess(pack, Packs.MACHINE, new Evidence(List.of(), van))
                .plan()
                .next();
        assertEquals(next.id(), "clear");
        var after = Diagnosis.assess(
                        pack, Packs.MACHINE, new Evidence(List.of(new RemedyTried("clear", Proved.STILL_FAILING)), van))
                .plan();
        assertTrue(after.alternatives().stream().noneMatch(s -> s.id().equals("clear")), "not the same again");
    }

    @Test
    public void aRemedyDoneIsProvedBeforeAnythingElse() {
        var plan = plan(two().build(), new RemedyTried("cure-a", Proved.PENDING));
        assertEquals(plan.next().kind(), Step.Kind.PROVE);
        assertEquals(plan.next().id(), "works");
        assertTrue(plan.alternatives().isEmpty());
    }

    @Test
    public void aProvedCureEndsThePlan() {
        var plan = plan(two().build(), new RemedyTried("cure-a", Proved.CURED));
        assertNull(plan.next());
        assertEquals(plan.expectedMinutes(), 0.0);
    }

    @Test
    public void handsOnWhenNothingListedIsLeft() {
        var plan = plan(
                two().build(),
                new RemedyTried("cure-a", Proved.STILL_FAILING),
                new RemedyTried("cure-b", Proved.STILL_FAILING));
        assertEquals(plan.next().kind(), Step.Kind.REFER);
    }

    @Test
    public void aCheckMayBeMadeAgainAfterARemedyButNotBefore() {
        var pack = two().check(
                        "look", null, 2, outcome("it-is-a", 0.02, Map.of("a", 0.95)), outcome("not-a", 0, Map.of()))
                .build();
        var made = new CheckMade("look", "it-is-a");
        assertTrue(plan(pack, made).alternatives().stream().noneMatch(s -> s.id().equals("look")));
        var again = plan(pack, made, new RemedyTried("cure-a", Proved.STILL_FAILING));
        assertEquals(step(again, "look").kind(), Step.Kind.CHECK);
    }

    @Test
    public void everyAlternativeCostsAtLeastAsMuchAsTheAdvice() {
        var plan = plan(
                two().check("look", null, 2, outcome("it-is-a", 0.1, Map.of("a", 0.6)), outcome("not", 0, Map.of()))
                        .build());
        double least = 0;
        for (var step : plan.alternatives()) {
            assertTrue(step.extraCost() >= least);
            least = step.extraCost();
        }
        assertEquals(plan.next().extraCost(), 0.0);
    }

    @Test
    public void longWorkOnAKnownFaultIsDoneAsWhoeverComesNextHasItToDoToo() {
        var packs = new Packs()
                .refer(120)
                .fault("heater", 0.001)
                .check(
                        "winding",
                        null,
                        5,
                        new Outcome("open", "Open", 0.001, Map.of("heater", 0.96), null, 0, List.of(), null),
                        new Outcome("good", "Good", 0, Map.of(), null, 0, List.of(), null))
                .remedy("replace", null, 140, null, Map.of("heater", 0.95));
        // So many other faults that planning leaves most sets of them out.
        for (int f = 0; f < 12; f++) {
            packs.fault("other-" + f, 0.005).remedy("cure-" + f, null, 10, null, Map.of("other-" + f, 0.9));
        }
        var plan = Diagnosis.assess(packs.build(), Packs.MACHINE, evidence(new CheckMade("winding", "open")))
                .plan();
        assertEquals(plan.next().id(), "replace");
    }
}
