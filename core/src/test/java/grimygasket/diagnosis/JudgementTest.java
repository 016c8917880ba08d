package grimygasket.diagnosis;

import static grimygasket.diagnosis.Packs.chance;
import static grimygasket.diagnosis.Packs.evidence;
import static grimygasket.diagnosis.Packs.outcome;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.Assessment.Misfit;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.FactKnown;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.plan.Step;
import grimygasket.diagnosis.story.Stays;
import grimygasket.diagnosis.story.Story;
import grimygasket.diagnosis.story.Waiting;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Fact;
import grimygasket.pack.evidence.Fact.Choice;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.machine.Power;
import grimygasket.pack.work.Remedy;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** What is said beside the chances: facts, contradictions, what would change the mind, dangers, partial cures, waiting. */
public class JudgementTest {
    private static final SymptomSettled HUMS = new SymptomSettled("hums", Answer.YES);
    private static final SymptomSettled SILENT = new SymptomSettled("silent", Answer.YES);

    /** A pump that is jammed hums, one that is dead is silent. */
    private static Packs pump() {
        return new Packs()
                .caution("shock")
                .fault("jammed", 0.01)
                .fault(new Fault("dead", "dead", List.of(), 0.005, 0, null, "shock", List.of(), Map.of(), List.of()))
                .symptom("hums", 0.01, Map.of("jammed", 0.9))
                .symptom("silent", 0.01, Map.of("dead", 0.9))
                .check("look", null, 2, outcome("stuck", 0.02, Map.of("jammed", 0.95)), outcome("free", 0, Map.of()))
                .remedy("free", null, 5, null, Map.of("jammed", 0.9))
                .remedy("replace", null, 20, null, Map.of("jammed", 0.9, "dead", 0.95));
    }

    private static Pack withAge() {
        return pump().fact(new Fact(
                        "age",
                        "Age",
                        "How old?",
                        1,
                        List.of(
                                new Choice("old", "Old", 0.25, Map.of("dead", 9.0), List.of()),
                                new Choice("new", "New", 0.75, Map.of(), List.of())),
                        List.of()))
                .build();
    }

    /** Worked by hand: one machine in four is old, and among those with a dead pump three in four are. */
    @Test
    public void aFactSpeaksForTheFaultsThatAreOftenMetWithIt() {
        var pack = withAge();
        var before = Diagnosis.assess(pack, Packs.MACHINE, evidence());
        var after = Diagnosis.assess(pack, Packs.MACHINE, evidence(new FactKnown("age", "old")));
        // P(old | dead) = 0.25 x 9 / (0.25 x 9 + 0.75), P(old | not dead) = 0.25.
        double odds = (chance(after, "dead") / (1 - chance(after, "dead")))
                / (chance(before, "dead") / (1 - chance(before, "dead")));
        assertEquals(odds, 0.75 / 0.25, 1e-9);
    }

    @Test
    public void aFactIsAskedForWhenItTellsCausesApart() {
        var pack = new Packs()
                .fault("a", 0.01)
                .fault("b", 0.01)
                .fact(new Fact(
                        "last-load",
                        "Last load",
                        "What was in it?",
                        1,
                        List.of(
                                new Choice("wax", "Wax", 0.5, Map.of("a", 40.0), List.of()),
                                new Choice("plates", "Plates", 0.5, Map.of("b", 40.0), List.of())),
                        List.of()))
                .remedy("cure-a", null, 30, null, Map.of("a", 0.9))
                .remedy("cure-b", null, 30, null, Map.of("b", 0.9))
                .build();
        var next = Diagnosis.assess(pack, Packs.MACHINE, evidence()).plan().next();
        assertEquals(next.kind(), Step.Kind.FACT);
        assertEquals(next.prospects().get(0).leader(), "a");
        var then = Diagnosis.assess(pack, Packs.MACHINE, evidence(new FactKnown("last-load", "plates")));
        assertEquals(then.plan().next().id(), "cure-b");
    }

    @Test
    public void aFactCountsAlikeWheneverItIsLearnt() {
        var pack = withAge();
        var failed = new RemedyTried("free", Proved.STILL_FAILING);
        var first = Diagnosis.assess(pack, Packs.MACHINE, evidence(new FactKnown("age", "old"), HUMS, failed));
        var last = Diagnosis.assess(pack, Packs.MACHINE, evidence(HUMS, failed, new FactKnown("age", "old")));
        assertEquals(chance(last, "dead"), chance(first, "dead"), 1e-12);
        var dead = last.ranking().stream()
                .filter(suspect -> suspect.fault().equals("dead"))
                .findFirst()
                .orElseThrow();
        assertTrue(dead.why().get(2).decibans() > 3, "the third finding is the fact: " + dead.why());
    }

    @Test
    public void findingsThatExcludeEachOtherAreBothNamed() {
        var pack = pump().build();
        assertEquals(Diagnosis.assess(pack, Packs.MACHINE, evidence(HUMS)).misfits(), List.of());
        var misfits =
                Diagnosis.assess(pack, Packs.MACHINE, evidence(HUMS, SILENT)).misfits();
        assertEquals(misfits.stream().map(Misfit::finding).toList(), List.of(0, 1));
    }

    /** Worked by hand: what "silent" was to be expected with, given that it hums. */
    @Test
    public void aMisfitSaysHowLittleItWasToBeExpected() {
        var misfits = Diagnosis.assess(pump().build(), Packs.MACHINE, evidence(HUMS, SILENT))
                .misfits();
        // Weights by prior: {} 0.99 x 0.995 x 0.01, jammed 0.01 x 0.995, dead 0.99 x 0.005, both 0.01 x 0.005;
        // P(hums) 0.01, 0.901, 0.01, 0.901; P(silent) 0.01, 0.01, 0.901, 0.901.
        double none = 0.99 * 0.995 * 0.01 * 0.01;
        double jammed = 0.01 * 0.995 * 0.901;
        double dead = 0.99 * 0.005 * 0.01;
        double both = 0.01 * 0.005 * 0.901;
        double hums = none + jammed + dead + both;
        assertEquals(
                misfits.get(1).expected(), (none * 0.01 + jammed * 0.01 + dead * 0.901 + both * 0.901) / hums, 1e-12);
    }

    @Test
    public void whatWasSeenBeforeARemedyContradictsNothingSeenAfterIt() {
        var assessment = Diagnosis.assess(
                pump().build(), Packs.MACHINE, evidence(HUMS, new RemedyTried("free", Proved.STILL_FAILING), SILENT));
        assertEquals(assessment.misfits(), List.of());
    }

    @Test
    public void saysWhichAnswerWouldPutAnotherCauseFirst() {
        var assessment = Diagnosis.assess(pump().build(), Packs.MACHINE, evidence());
        assertEquals(assessment.ranking().get(0).fault(), "jammed");
        assertTrue(
                assessment.turns().stream()
                        .anyMatch(turn -> turn.id().equals("silent")
                                && turn.answer().equals("Yes")
                                && turn.leader().equals("dead")),
                assessment.turns().toString());
        assessment.turns().forEach(turn -> assertNotEquals(turn.leader(), "jammed"));
    }

    @Test
    public void aDangerStaysHoweverImprobable() {
        var assessment = Diagnosis.assess(
                pump().build(), Packs.MACHINE, evidence(HUMS, new SymptomSettled("silent", Answer.NO)));
        var danger = assessment.dangers().get(0);
        assertEquals(danger.caution(), "shock");
        assertTrue(danger.chance() < 0.01, "" + danger.chance());
    }

    @Test
    public void aFunctionThatWorksAgainClearsItsFaultsAndLeavesTheOthers() {
        var pack = new Packs()
                .proof("washes")
                .fault("pump", 0.02)
                .fault("hose", 0.02)
                .fault("arm", 0.02)
                .symptom("stands", 0.02, Map.of("pump", 0.9, "hose", 0.9))
                .symptom("dirty", 0.02, Map.of("arm", 0.9))
                .remedy("clear-pump", null, 5, null, Map.of("pump", 0.9))
                .remedy("clear-hose", null, 5, null, Map.of("hose", 0.9))
                .remedy(new Remedy(
                        "relock",
                        "relock",
                        null,
                        2,
                        Map.of("arm", 0.9),
                        List.of(),
                        List.of(),
                        0,
                        List.of(),
                        List.of(),
                        "washes",
                        List.of(),
                        null,
                        List.of(),
                        false,
                        null,
                        null,
                        false,
                        Power.DEAD,
                        null))
                .build();
        var both = evidence(
                new SymptomSettled("stands", Answer.YES),
                new SymptomSettled("dirty", Answer.YES),
                new RemedyTried("clear-pump", Proved.PARTLY));
        var assessment = Diagnosis.assess(pack, Packs.MACHINE, both);
        assertTrue(chance(assessment, "arm") > 0.9, "it still washes badly");
        assertTrue(chance(assessment, "hose") < 0.05, "it drains");
        assertEquals(assessment.plan().next().id(), "relock");
    }

    @Test
    public void afterARepairThatHelpedInPartEveryComplaintIsAskedOnce() {
        var told = List.<Finding>of(
                new SymptomSettled("stands", Answer.YES, true),
                new SymptomSettled("dirty", Answer.YES, true),
                new RemedyTried("clear-pump", Proved.PARTLY));
        assertEquals(Stays.toAsk(told), List.of("stands", "dirty"));
        var gone = and(told, new SymptomSettled("stands", Answer.NO));
        assertEquals(Stays.toAsk(gone), List.of("dirty"));
        var stays = and(gone, new SymptomSettled("dirty", Answer.YES, true));
        assertEquals(Stays.toAsk(stays), List.of());
        assertEquals(
                Story.complaints(stays, stays.size()), List.of("dirty"), "what is gone is not complained of any more");
        assertEquals(Stays.toAsk(and(stays, new RemedyTried("relock", Proved.STILL_FAILING))), List.of());
    }

    private static List<Finding> and(List<Finding> before, Finding one) {
        return Stream.concat(before.stream(), Stream.of(one)).toList();
    }

    @Test
    public void dryingIsWaitedForUnlessASecondVisitIsShorter() {
        var quick = drying(25);
        var long_ = drying(600);
        assertEquals(quick.plan().next().waiting(), new Waiting(Waiting.Way.WAIT, 25, 25));
        assertEquals(
                long_.plan().next().waiting(), new Waiting(Waiting.Way.RETURN_DRY, 600, Packs.VAN.returnTripMinutes()));
        assertEquals(
                long_.plan().expectedMinutes() - quick.plan().expectedMinutes(),
                Packs.VAN.returnTripMinutes() - 25,
                1e-9);
    }

    private static Assessment drying(double minutes) {
        var pack = new Packs()
                .fault("clogged", 0.1)
                .symptom("weak", 0.1, Map.of("clogged", 0.9))
                .remedy(new Remedy(
                        "wash",
                        "wash",
                        null,
                        5,
                        Map.of("clogged", 0.95),
                        List.of(),
                        List.of(),
                        minutes,
                        List.of(),
                        List.of(),
                        "works",
                        List.of(),
                        null,
                        List.of(),
                        false,
                        null,
                        null,
                        false,
                        Power.DEAD,
                        null))
                .build();
        return Diagnosis.assess(pack, Packs.MACHINE, evidence(new SymptomSettled("weak", Answer.YES)));
    }
}
