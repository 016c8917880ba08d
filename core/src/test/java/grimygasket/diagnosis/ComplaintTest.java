package grimygasket.diagnosis;

import static grimygasket.diagnosis.Packs.chance;
import static grimygasket.diagnosis.Packs.evidence;
import static grimygasket.diagnosis.Packs.outcome;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.CodeRead;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.plan.Step;
import grimygasket.diagnosis.plan.Step.Kind;
import grimygasket.diagnosis.plan.StepReason;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Alarm;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Grade;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Power;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;

/** The complaint is why somebody called; what is seen is believed; and nobody is asked for what is known. */
public class ComplaintTest {
    private static final SymptomSettled WALKS = new SymptomSettled("walks", Answer.YES, true);
    private static final SymptomSettled NOTICED = new SymptomSettled("walks", Answer.YES);
    private static final CheckMade LEVEL = new CheckMade("level", "right");

    /** A machine that walks, among many others with nothing to do with it. */
    private static Pack washer() {
        var packs = new Packs()
                .fault("askew", 0.0025)
                .symptom("walks", 0.03, Map.of("askew", 0.9))
                .check(look("level", "askew"))
                .remedy("level-it", null, 8, null, Map.of("askew", 0.95));
        for (int f = 0; f < 8; f++) {
            packs.fault("other" + f, 0.004).remedy("cure" + f, null, 10, null, Map.of("other" + f, 0.9));
        }
        return packs.build();
    }

    private static Check look(String id, String... faults) {
        return new Check(
                id,
                id,
                null,
                2,
                List.of(),
                List.of(),
                0,
                List.of(),
                List.of(),
                List.of(),
                List.of(
                        new grimygasket.pack.evidence.Outcome(
                                "off", "off", 0, Map.of(), null, 0, List.of(faults), null),
                        outcome("right", 0, Map.of())),
                null,
                null,
                Grade.SEEN,
                List.of(),
                Power.DEAD,
                List.of(),
                null);
    }

    private static Assessment assess(Finding... findings) {
        return Diagnosis.assess(washer(), Packs.MACHINE, evidence(findings));
    }

    @Test
    public void aComplaintThatNothingListedExplainsBelongsToNoneOfThese() {
        var complained = assess(WALKS, LEVEL);
        assertTrue(complained.noneOfThese() > 0.5, complained.noneOfThese() + " for none of these");
        assertEquals(complained.plan().next().kind(), Kind.REFER);
        assertEquals(complained.plan().next().reasons().get(0).kind(), StepReason.Kind.FITS_NOTHING);
        assertTrue(assess(NOTICED, LEVEL).noneOfThese() < 0.3, "what one happens to notice may be chance");
    }

    @Test
    public void aLookIsBelieved() {
        assertTrue(chance(assess(new CheckMade("level", "off")), "askew") > 0.9);
        var outcome = washer().check("level").outcomes().get(0);
        assertEquals(outcome.leak(), Grade.SEEN.falseAlarm());
        assertEquals(outcome.causes(), Map.of("askew", 1 - Grade.SEEN.miss()));
    }

    /** Two narrow places in a row: the first is seen, cleared, and the machine still fails. */
    private static Pack drain() {
        return new Packs()
                .fault("gap", 0.005)
                .consequence("hose", 0.0025, Map.of("gap", 0.1))
                .fault("elsewhere", 0.005)
                .symptom("stops", 0.03, Map.of("gap", 0.7, "hose", 0.6))
                .symptom("grit", 0.03, Map.of("elsewhere", 0.9))
                .check(look("cap", "gap"))
                .check(look("hose-look", "hose"))
                .remedy("clear-gap", null, 4, null, Map.of("gap", 0.98))
                .remedy("clear-hose", null, 12, null, Map.of("hose", 0.9))
                .remedy("other", null, 12, null, Map.of("elsewhere", 0.9))
                .build();
    }

    @Test
    public void stillFailingMeansThatThisComplaintPersists() {
        var assessment = Diagnosis.assess(
                drain(),
                Packs.MACHINE,
                evidence(
                        new SymptomSettled("stops", Answer.YES, true),
                        new CheckMade("cap", "off"),
                        new RemedyTried("clear-gap", Proved.STILL_FAILING)));
        assertTrue(chance(assessment, "hose") > 0.8, chance(assessment, "hose") + " for what lies behind it");
        assertTrue(chance(assessment, "elsewhere") < 0.02, "grit does not stop it");
        assertEquals(assessment.plan().next().id(), "clear-hose", "it is not asked about grit");
    }

    @Test
    public void whatIsSeenClearAfterItsCureIsClear() {
        var assessment = Diagnosis.assess(
                drain(),
                Packs.MACHINE,
                evidence(
                        new SymptomSettled("stops", Answer.YES, true),
                        new CheckMade("cap", "off"),
                        new RemedyTried("clear-gap", Proved.STILL_FAILING),
                        new CheckMade("cap", "right")));
        assertTrue(chance(assessment, "gap") < 0.01, chance(assessment, "gap") + " for what was seen clear");
    }

    @Test
    public void aRemedyReopensOnlyWhatItCanHaveChanged() {
        var evidence = evidence(
                new SymptomSettled("stops", Answer.YES, true),
                new CheckMade("hose-look", "right"),
                new RemedyTried("clear-gap", Proved.STILL_FAILING));
        var steps = new HashSet<String>();
        var plan = Diagnosis.assess(drain(), Packs.MACHINE, evidence).plan();
        steps.add(plan.next().id());
        plan.alternatives().forEach(step -> steps.add(step.id()));
        assertFalse(steps.contains("hose-look"), "nobody has touched the hose");
        assertFalse(steps.contains("cap"), "whoever cleared it has seen it");
    }

    private static Packs alarming() {
        return new Packs()
                .caution("stop")
                .fault("earth", 0.001)
                .fault("jam", 0.005)
                .symptom(new Symptom(
                        "burns",
                        "Burns",
                        "Does it smell of burning?",
                        1,
                        0.003,
                        Map.of("earth", 0.9),
                        true,
                        List.of(),
                        List.of(),
                        new Alarm("stop", List.of("insulation"), "works"),
                        List.of()))
                .symptom("hums", 0.01, Map.of("jam", 0.9))
                .check(new Check(
                        "run",
                        "run",
                        null,
                        1,
                        List.of(),
                        List.of(),
                        0,
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(outcome("bad", 0.01, Map.of("earth", 0.9, "jam", 0.5)), outcome("good", 0, Map.of())),
                        null,
                        null,
                        Grade.HEARD,
                        List.of(),
                        Power.LIVE,
                        List.of(),
                        null))
                .check(look("insulation", "earth"))
                .remedy("mend", null, 30, null, Map.of("earth", 0.9))
                .remedy("free", null, 5, null, Map.of("jam", 0.9));
    }

    @Test
    public void anAlarmStopsTheCallUntilItIsMadeSafe() {
        var burns = new SymptomSettled("burns", Answer.YES, true);
        var pack = alarming().build();
        var stopped = Diagnosis.assess(pack, Packs.MACHINE, evidence(burns)).plan();
        assertEquals(stopped.next().kind(), Kind.STOP);
        assertEquals(stopped.next().id(), "stop");
        assertEquals(stopped.alternatives(), List.of());
        var safe = Diagnosis.assess(pack, Packs.MACHINE, new Evidence(List.of(burns), Packs.VAN, Set.of("stop")))
                .plan();
        assertEquals(safe.next().id(), "insulation");
        assertTrue(
                safe.alternatives().stream().noneMatch(step -> step.id().equals("run") || step.kind() == Kind.ASK),
                "it is not run, and nobody is asked to run it");
    }

    @Test
    public void symptomsThatExcludeEachOtherAreOneQuestion() {
        var pack = new Packs()
                .fault("jam", 0.005)
                .fault("dead", 0.002)
                .symptom("silent", 0.01, Map.of("dead", 0.9))
                .symptom("hums", 0.01, Map.of("jam", 0.85))
                .symptom("full", 0.01, Map.of("jam", 0.9, "dead", 0.9))
                .exclusive("sound", "silent", "hums")
                .remedy("free", null, 30, null, Map.of("jam", 0.9))
                .remedy("replace", null, 40, null, Map.of("dead", 0.95))
                .build();
        var full = new SymptomSettled("full", Answer.YES, true);
        var ask = Diagnosis.assess(pack, Packs.MACHINE, evidence(full)).plan().next();
        assertEquals(ask.id(), "sound");
        assertEquals(ask.prospects().stream().map(Step.Prospect::outcome).toList(), List.of("silent", "hums", "none"));
        assertEquals(ask.prospects().stream().mapToDouble(Step.Prospect::chance).sum(), 1, 1e-9);
        var silent =
                Diagnosis.assess(pack, Packs.MACHINE, evidence(full, new SymptomSettled("silent", Answer.YES, true)));
        assertEquals(silent.plan().next().id(), "replace");
        assertTrue(silent.plan().alternatives().stream().noneMatch(step -> step.kind() == Kind.ASK), "it is settled");
    }

    @Test
    public void aCodeThatNoTableKnowsMovesNothing() {
        var without = assess(WALKS);
        var with = assess(WALKS, new CodeRead("Q7"));
        assertEquals(chance(with, "askew"), chance(without, "askew"), 1e-12);
    }

    @Test
    public void ofTwoAnswersToOneQuestionTheLastCounts() {
        var no = new SymptomSettled("walks", Answer.NO);
        assertEquals(chance(assess(no, WALKS), "askew"), chance(assess(WALKS), "askew"), 1e-12);
    }
}
