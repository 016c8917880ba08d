package grimygasket.visit.ring;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import grimygasket.cadence.Dirt;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Packs;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.plan.Step;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.work.Cadence;
import grimygasket.pack.work.Habit;
import grimygasket.visit.Advice;
import grimygasket.visit.VisitRecord;
import grimygasket.visit.Visits;
import grimygasket.visit.line.Condition;
import grimygasket.visit.line.Condition.Stuff;
import grimygasket.visit.line.Condition.Wear;
import grimygasket.visit.ring.Upkeep.Last;
import grimygasket.visit.ring.Upkeep.Task;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;

public class UpkeepTest {
    private static final Pack PACK = new Packs()
            .feature("screen")
            .layer(new Layer("below", "Plate off", null, 4, 3, List.of(), List.of(), null, List.of()))
            .layer(new Layer("inside", "Cover off", "below", 2, 1, List.of(), List.of(), null, List.of()))
            .fault(new Fault("dirt", "Dirt", List.of("s"), 0.1, 0, null, null, List.of(), Map.of(), List.of()))
            .fault("scale", 0.1)
            .remedy("clean-inside", "inside", 10, null, Map.of("dirt", 0.9))
            .remedy("brush", "below", 5, null, Map.of("dirt", 0.9))
            .remedy("wipe", null, 2, null, Map.of("scale", 0.9))
            .habit(new Habit("Scrape the plates.", List.of("dirt"), List.of()))
            .cadence(cadence("inside", 100, List.of("dirt"), "clean-inside"))
            .cadence(cadence("below", 100, List.of("dirt"), "brush"))
            .cadence(cadence("edge", 30, List.of("scale"), "wipe"))
            .cadence(new Cadence("screen", "Clean it", 9, 9, 0, List.of(), List.of("wipe"), false, List.of("screen")))
            .build();
    private static final Machine MACHINE = Machine.of(PACK, Set.of(), Map.of());
    private static final double PROOF = PACK.proof(PACK.remedy("wipe").proof()).minutes();

    private static Cadence cadence(String id, int days, List<String> faults, String remedy) {
        return new Cadence(id, "Do " + id, days, days, 0, faults, List.of(remedy), false, List.of());
    }

    private static Upkeep upkeep(Map<String, Last> last, VisitRecord visit) {
        return Upkeep.of(PACK, MACHINE, last, visit);
    }

    private static VisitRecord nothingDone() {
        return new Visits().complaint("").build();
    }

    private static RemedyTried done(String remedy) {
        return new RemedyTried(remedy, Proved.KEPT_UP);
    }

    @Test
    public void itGoesFromOutsideInAndOpensEachLayerOnce() {
        var upkeep = upkeep(Map.of(), nothingDone());
        assertEquals(upkeep.tasks().stream().map(Task::remedy).toList(), List.of("wipe", "brush", "clean-inside"));
        assertEquals(upkeep.minutes(), 2 + 5 + 10 + (4 + 3) + (2 + 1) + PROOF, 1e-9);
    }

    @Test
    public void whatWantsTheRestCleanComesLast() {
        var pack = new Packs()
                .layer(new Layer("below", "Plate off", null, 4, 3, List.of(), List.of(), null, List.of()))
                .fault("dirt", 0.1)
                .remedy("run", null, 10, null, Map.of("dirt", 0.9))
                .remedy("brush", "below", 5, null, Map.of("dirt", 0.9))
                .cadence(new Cadence("run", "Run it", 9, 9, 0, List.of(), List.of("run"), true, List.of()))
                .cadence(cadence("below", 100, List.of("dirt"), "brush"))
                .build();
        var upkeep = Upkeep.of(pack, Packs.MACHINE, Map.of(), nothingDone());
        assertEquals(upkeep.tasks().stream().map(Task::remedy).toList(), List.of("brush", "run"));
    }

    @Test
    public void whatWasDoneLatelyIsLeftOut() {
        var upkeep = upkeep(Map.of("clean-inside", new Last(74, null), "brush", new Last(75, null)), nothingDone());
        assertEquals(upkeep.tasks().stream().filter(Task::due).map(Task::remedy).toList(), List.of("wipe", "brush"));
        assertEquals(upkeep.tasks().get(2).daysLeft(), (Integer) 26);
        assertNull(upkeep.tasks().get(0).daysLeft(), "nobody knows when");
        assertEquals(upkeep.minutes(), 2 + 5 + (4 + 3) + PROOF, 1e-9);
    }

    @Test
    public void whatWasFoundLastTimeMovesTheDate() {
        // Full after half the time: due again after sqrt(100 * 50 * 0.5 / 1) = 50 days by what is found.
        var dirty = upkeep(Map.of("brush", new Last(45, new Dirt(50, 1))), nothingDone());
        var clean = upkeep(Map.of("brush", new Last(45, null)), nothingDone());
        assertTrue(dirty.tasks().get(1).due());
        assertFalse(clean.tasks().get(1).due());
        assertEquals(dirty.tasks().get(1).everyDays(), 50);
    }

    @Test
    public void whatIsDoneAndWhatIsOpenCostsNothingMore() {
        var visit =
                new Visits().complaint("").findings(done("wipe"), done("brush")).build();
        var upkeep = upkeep(Map.of(), visit);
        assertTrue(upkeep.tasks().get(0).done());
        assertEquals(upkeep.minutes(), 10 + (2 + 1) + PROOF, 1e-9);
    }

    @Test
    public void itsRingAsksForWhatIsDueAndForNoCause() {
        var begun = new Visits().complaint("").findings(done("wipe")).build();
        var upkeep = upkeep(Map.of(), begun);
        var ring = Ring.ofUpkeep(PACK, MACHINE, upkeep, begun);
        assertTrue(ring.segments().stream().noneMatch(segment -> segment.stage() == Stage.FIND));
        assertEquals(ring.stands(begun, upkeep), Stage.CLEAN);
        var gaps = ring.gapsBeforeClosing();
        assertTrue(gaps.contains(Gap.of(Gap.Kind.TASK, "brush")), gaps.toString());
        assertFalse(gaps.contains(Gap.of(Gap.Kind.TASK, "wipe")), gaps.toString());
    }

    @Test
    public void afterTheWorkItStandsAtWhatWasFoundAndThenAtTheProof() {
        var work = new Visits().complaint("").findings(done("wipe"), done("brush"), done("clean-inside"));
        assertEquals(standsAt(work.build()), Stage.CLEAN);
        var noted = work.condition(new Condition("s", Stuff.DUST, 0.9, 1.0, Wear.SOUND, true, 90, null));
        assertEquals(standsAt(noted.build()), Stage.PROVE);
    }

    private static Stage standsAt(VisitRecord visit) {
        var upkeep = upkeep(Map.of(), visit);
        assertEquals(upkeep.minutes(), 0.0);
        return Ring.ofUpkeep(PACK, MACHINE, upkeep, visit).stands(visit, upkeep);
    }

    @Test
    public void upkeepSettlesNoCause() {
        var visit = new Visits().findings(done("wipe")).build();
        var gaps = Ring.of(PACK, MACHINE, visit).gapsBeforeClosing();
        assertTrue(gaps.contains(Gap.of(Gap.Kind.CAUSE)), gaps.toString());
        assertTrue(gaps.contains(Gap.of(Gap.Kind.CURE)), gaps.toString());
    }

    @Test
    public void upkeepAfterARemedyLeavesItsProofOpen() {
        var pending = new RemedyTried("wipe", Proved.PENDING);
        var visit = new Visits().findings(pending, done("brush")).build();
        var gaps = Ring.of(PACK, MACHINE, visit).gapsBeforeClosing();
        assertTrue(gaps.contains(Gap.of(Gap.Kind.NOT_PROVED, "It works")), gaps.toString());
        var plan = Diagnosis.assess(PACK, MACHINE, new Evidence(visit.findings(), Packs.VAN))
                .plan();
        assertEquals(plan.next().kind(), Step.Kind.PROVE);
    }

    @Test
    public void whatWasKeptUpIsLessLikelyAndNothingElseIsKnown() {
        var before = chance("scale", List.of());
        var after = chance("scale", List.of(done("wipe")));
        assertEquals(after, before * 0.1, 1e-9);
        assertEquals(chance("dirt", List.of(done("wipe"))), chance("dirt", List.of()), 1e-9);
    }

    private static double chance(String fault, List<Finding> findings) {
        return Diagnosis.assess(PACK, MACHINE, new Evidence(findings, Packs.VAN)).ranking().stream()
                .filter(suspect -> suspect.fault().equals(fault))
                .findFirst()
                .orElseThrow()
                .chance();
    }

    @Test
    public void atTheEndEverythingHasItsDateAndOnlyWhatWasTooDirtyItsHabit() {
        var clean = Advice.ofUpkeep(PACK, MACHINE, List.of());
        assertEquals(clean.dues().stream().map(Advice.Due::task).toList(), List.of("Do inside", "Do below", "Do edge"));
        assertEquals(clean.habits(), List.of());
        var packed = new Condition("s", Stuff.DUST, 0.2, 1.0, Wear.SOUND, true, 50, null);
        var dirty = Advice.ofUpkeep(PACK, MACHINE, List.of(packed));
        assertEquals(dirty.habits(), List.of("Scrape the plates."));
        assertTrue(dirty.dues().get(0).days() < clean.dues().get(0).days());
        assertEquals(dirty.dues().get(2).days(), clean.dues().get(2).days());
    }
}
