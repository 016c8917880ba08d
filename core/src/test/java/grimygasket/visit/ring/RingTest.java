package grimygasket.visit.ring;

import static grimygasket.visit.Visits.joint;
import static grimygasket.visit.Visits.piece;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Packs;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.diagnosis.story.Evidence;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.machine.Confirmation;
import grimygasket.pack.machine.Hazard;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Piece;
import grimygasket.pack.machine.Power;
import grimygasket.pack.machine.Screws;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.Proof;
import grimygasket.pack.work.Reading;
import grimygasket.pack.work.Remedy;
import grimygasket.visit.PartCount;
import grimygasket.visit.PartCount.OldPart;
import grimygasket.visit.Visits;
import grimygasket.visit.line.Condition;
import grimygasket.visit.line.Condition.Stuff;
import grimygasket.visit.line.Condition.Wear;
import grimygasket.visit.line.Cupped;
import grimygasket.visit.line.Debt;
import grimygasket.visit.line.Found;
import grimygasket.visit.line.Laid;
import grimygasket.visit.line.Laid.Place;
import grimygasket.visit.line.ProofRun;
import grimygasket.visit.ring.Gap.Kind;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

public class RingTest {
    private static final Piece PLATE = new Piece(
            "plate",
            "Kick plate",
            null,
            null,
            null,
            null,
            false,
            false,
            false,
            List.of(Confirmation.LOCKED),
            List.of(),
            false,
            null);
    private static final Piece SCREEN = new Piece(
            "screen",
            "Metal screen",
            null,
            null,
            null,
            null,
            false,
            false,
            false,
            List.of(),
            List.of("chopper"),
            false,
            null);
    private static final Pack PACK = new Packs()
            .feature("chopper")
            .caution(new Caution("shock", "Electric shock", "Unplug.", null, Hazard.POWER, List.of(), List.of()))
            .layer(new Layer(
                    "below",
                    "Kick plate off",
                    null,
                    4,
                    4,
                    List.of("shock"),
                    List.of(PLATE, SCREEN),
                    null,
                    List.of(Hazard.POWER)))
            .fault(new Fault("a", "a", List.of("s"), 0.1, 0, null, null, List.of(), Map.of(), List.of()))
            .symptom("symptom", 0.1, Map.of("a", 0.9))
            .check(
                    "look",
                    "below",
                    2,
                    new Outcome("bad", "Bad", 0.1, Map.of("a", 0.9), null, 0, List.of(), null),
                    new Outcome("good", "Good", 0, Map.of(), null, 0, List.of(), null))
            .remedy("clean", null, 5, null, Map.of("a", 0.9))
            .remedy("brush", "below", 5, null, Map.of("a", 0.9))
            .remedy("replace", null, 5, "pump", Map.of("a", 0.9))
            .build();
    private static final Finding SYMPTOM = new SymptomSettled("symptom", Answer.YES);
    private static final Finding CLEANED = new RemedyTried("clean", Proved.CURED);

    private static Ring ring(Visits visit) {
        return Ring.of(PACK, Packs.MACHINE, visit.build());
    }

    private static List<Gap> gaps(Stage stage, Visits visit) {
        return ring(visit).segments().stream()
                .filter(segment -> segment.stage() == stage)
                .map(Segment::gaps)
                .findFirst()
                .orElseThrow();
    }

    private static List<Stage> sealed(Visits visit) {
        return ring(visit).segments().stream()
                .filter(Segment::sealed)
                .map(Segment::stage)
                .toList();
    }

    @Test
    public void anEmptyCallSaysWhatIsMissing() {
        var empty = new Visits().complaint(" ");
        assertEquals(gaps(Stage.CALL, empty), List.of(Gap.of(Kind.COMPLAINT), Gap.of(Kind.SYMPTOM)));
        assertEquals(sealed(empty), List.of(Stage.SAFE, Stage.OPEN, Stage.CLOSE));
    }

    @Test
    public void aCureIsSealedOnceItsFunctionWasSeenToWork() {
        var cured = new Visits().findings(SYMPTOM, CLEANED);
        assertEquals(gaps(Stage.PROVE, cured), List.of(Gap.of(Kind.RUNS, "It works", "0", "1")));
        assertEquals(ring(cured.seen("works", 1)).gapsBeforeClosing(), List.of());
        assertEquals(
                sealed(cured.closed()),
                List.of(
                        Stage.CALL,
                        Stage.SAFE,
                        Stage.FIND,
                        Stage.OPEN,
                        Stage.CURE,
                        Stage.CLOSE,
                        Stage.PROVE,
                        Stage.HAND_OVER));
    }

    @Test
    public void aFailedProofOpensTheRingAgain() {
        var failed = new Visits().findings(SYMPTOM, new RemedyTried("clean", Proved.STILL_FAILING));
        assertEquals(ring(failed).gapsBeforeClosing(), List.of(Gap.of(Kind.NOT_PROVED, "It works")));
    }

    @Test
    public void aNewPartNeedsItsCountAndTheOldOneAPlace() {
        var cured = new Visits().findings(SYMPTOM, new RemedyTried("replace", Proved.CURED));
        assertEquals(gaps(Stage.CURE, cured), List.of(Gap.of(Kind.PART, "pump", "replace")));
        assertEquals(
                gaps(Stage.CURE, cured.part(new PartCount("replace", "pump", "", OldPart.UNSAID))),
                List.of(Gap.of(Kind.OLD_PART, "pump")));
        var said = new Visits()
                .findings(SYMPTOM, new RemedyTried("replace", Proved.CURED))
                .part(new PartCount("replace", "pump", "", OldPart.BINNED));
        assertEquals(gaps(Stage.CURE, said), List.of());
    }

    @Test
    public void whatCanHurtIsConfirmedAndOnlyALeadMaySignItOff() {
        var looked = new Visits().findings(SYMPTOM, new CheckMade("look", "bad"));
        assertEquals(gaps(Stage.SAFE, looked), List.of(Gap.of(Kind.CAUTION, "Electric shock")));
        assertEquals(ring(looked).beyond(Authority.TECHNICIAN), List.of(Gap.of(Kind.CAUTION, "Electric shock")));
        assertEquals(ring(looked).beyond(Authority.LEAD), List.of());
        assertEquals(gaps(Stage.SAFE, looked.kept("shock")), List.of());
    }

    @Test
    public void whatAnOpenedLayerGivesLiesOnTheTrayWithItsScrewsInACup() {
        var looked = new Visits().findings(SYMPTOM, new CheckMade("look", "good"));
        // The machine has no chopper, and so no screen.
        assertEquals(gaps(Stage.OPEN, looked), List.of(Gap.of(Kind.PIECES, "Kick plate")));
        var loose = new Laid(
                "p",
                "Kick plate",
                "below",
                "plate",
                List.of(new Cupped(new Screws("T20", "", 0, 2, "", false), " ", 0)),
                null,
                List.of(),
                null,
                false,
                false,
                List.of(),
                0,
                Place.TRAY,
                List.of(),
                null);
        assertEquals(gaps(Stage.OPEN, looked.laid(loose)), List.of(Gap.of(Kind.CUP, "Kick plate")));
    }

    @Test
    public void whatWasFoundIsNotedAndItsSolidsGoIntoTheBin() {
        var brushed = new Visits().findings(SYMPTOM, new RemedyTried("brush", Proved.CURED));
        assertEquals(gaps(Stage.CURE, brushed), List.of(Gap.of(Kind.FOUND, "brush")));
        var dirty = new Condition("s", Stuff.HAIR, 0.3, null, Wear.DIRTY_ONLY, false, null, null);
        assertEquals(gaps(Stage.CURE, brushed.condition(dirty)), List.of(Gap.of(Kind.OPEN_BY, "Station")));
        var brushedClean = new Visits()
                .findings(SYMPTOM, new RemedyTried("brush", Proved.CURED))
                .condition(new Condition("s", Stuff.HAIR, 0.3, 1.0, Wear.DIRTY_ONLY, false, null, null));
        assertEquals(gaps(Stage.CURE, brushedClean), List.of(Gap.of(Kind.SOLIDS, "Station")));
    }

    @Test
    public void nothingIsLeftOverUnlessSaid() {
        var screws = new Screws("T20", "", 0, 3, "", false);
        assertEquals(
                gaps(
                        Stage.CLOSE,
                        new Visits()
                                .laid(
                                        piece("cover", "below"),
                                        piece(
                                                "filter",
                                                null,
                                                null,
                                                Place.TRAY,
                                                0,
                                                Visits.NOW + 1,
                                                List.of(),
                                                List.of()),
                                        piece("plate", null, screws, Place.BACK, 2),
                                        piece("clip", null, null, Place.LEFT_OUT, 0))),
                List.of(
                        Gap.of(Kind.ON_TRAY, "cover"),
                        Gap.of(Kind.DRYING, "filter"),
                        Gap.of(Kind.SCREWS_OVER, "1", "plate", "A")));
        var unseen = piece(
                "arm",
                null,
                null,
                Place.BACK,
                0,
                0,
                List.of(Confirmation.LOCKED, Confirmation.ORIENTED),
                List.of(Confirmation.ORIENTED));
        assertEquals(gaps(Stage.CLOSE, new Visits().laid(unseen)), List.of(Gap.of(Kind.NOT_SEEN, "arm", "LOCKED")));
    }

    @Test
    public void aHeaterTurnedUpIsTurnedBackWhateverTheReason() {
        var hot = new Visits().debt(new Debt(Debt.Kind.HEATER_UP, "", false));
        assertEquals(gaps(Stage.CLOSE, hot), List.of(Gap.of(Kind.HEATER_UP, "")));
        assertFalse(ring(hot).beyond(Authority.LEAD).isEmpty());
        var dry = new Visits().debt(new Debt(Debt.Kind.WATER_OFF, "tap under the sink", false));
        assertEquals(gaps(Stage.CLOSE, dry), List.of(Gap.of(Kind.WATER_OFF, "tap under the sink")));
        assertTrue(ring(dry).beyond(Authority.TECHNICIAN).isEmpty());
        assertEquals(gaps(Stage.CLOSE, new Visits().debt(new Debt(Debt.Kind.HEATER_UP, "", true))), List.of());
    }

    @Test
    public void aJointThatWasOpenedIsWatched() {
        var cured = new Visits()
                .findings(SYMPTOM, CLEANED)
                .laid(joint("trap", Place.BACK))
                .seen("works", 1);
        assertEquals(gaps(Stage.PROVE, cured), List.of(Gap.of(Kind.JOINT, "trap")));
        var watched = new Visits()
                .findings(SYMPTOM, CLEANED)
                .laid(joint("trap", Place.BACK))
                .seen("works", 1, "trap");
        assertEquals(gaps(Stage.PROVE, watched), List.of());
    }

    @Test
    public void whatWasMeasuredBeforeIsMeasuredAfterAndBetter() {
        var pack = new Packs()
                .fault("a", 0.1)
                .symptom("symptom", 0.1, Map.of("a", 0.9))
                .proof(new Proof(
                        "drains",
                        "It drains",
                        5,
                        List.of(),
                        2,
                        new Reading("In 15 s", "L", null, Reading.Better.MORE, null, null, null),
                        "Drain",
                        null,
                        Power.LIVE,
                        List.of(),
                        List.of(),
                        null))
                .remedy(new Remedy(
                        "clear",
                        "clear",
                        null,
                        5,
                        Map.of("a", 0.9),
                        List.of(),
                        List.of(),
                        0,
                        List.of(),
                        List.of(),
                        "drains",
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
        var findings = new Finding[] {SYMPTOM, new RemedyTried("clear", Proved.CURED)};
        var half = new ProofRun("drains", 1.5, null, 1, List.of(), false);
        assertEquals(
                Proving.gaps(
                        pack,
                        Packs.MACHINE,
                        new Visits().findings(findings).proof(half).build()),
                List.of(
                        Gap.of(Kind.RUNS, "It drains", "1", "2"),
                        Gap.of(Kind.NOT_MEASURED, "It drains"),
                        Gap.of(Kind.LIGHT, "It drains")));
        var worse = new ProofRun("drains", 1.5, 1.25, 2, List.of(), true);
        assertEquals(
                Proving.gaps(
                        pack,
                        Packs.MACHINE,
                        new Visits().findings(findings).proof(worse).build()),
                List.of(Gap.of(Kind.NO_BETTER, "It drains", "1.5 L", "1.25 L")));
        var better = new ProofRun("drains", 1.5, 4.0, 2, List.of(), true);
        assertEquals(
                Proving.gaps(
                        pack,
                        Packs.MACHINE,
                        new Visits().findings(findings).proof(better).build()),
                List.of());
    }

    @Test
    public void theCustomersThingsAreGivenBack() {
        var found = new Visits().thing(new Found("coin", 2, Found.Fate.KEPT, null));
        assertTrue(gaps(Stage.HAND_OVER, found).contains(Gap.of(Kind.NOT_GIVEN_BACK, "2", "coin")));
        assertTrue(ring(found).gapsBeforeClosing().contains(Gap.of(Kind.NOT_GIVEN_BACK, "2", "coin")));
        expectThrows(IllegalArgumentException.class, () -> new Found("coin", 0, Found.Fate.KEPT, null));
        expectThrows(IllegalArgumentException.class, () -> new Found(" ", 1, Found.Fate.KEPT, null));
    }

    private static Stage stands(Visits some) {
        var visit = some.complaint("Stands in water").build();
        var plan = Diagnosis.assess(PACK, Packs.MACHINE, new Evidence(visit.findings(), Packs.VAN))
                .plan();
        return Ring.of(PACK, Packs.MACHINE, visit).stands(PACK, visit, plan);
    }

    @Test
    public void theWorkStandsAtTheNextStepAndThenAtTheFirstGap() {
        assertEquals(stands(new Visits()), Stage.CALL, "the customer speaks first");
        assertEquals(stands(new Visits().findings(SYMPTOM, new RemedyTried("clean", Proved.PENDING))), Stage.PROVE);
        var looked = new Visits().findings(SYMPTOM, new CheckMade("look", "bad"));
        assertEquals(stands(looked), Stage.CURE, "there is no doubt left that is worth a check");
        var cured = new Visits().findings(SYMPTOM, new CheckMade("look", "bad"), CLEANED);
        assertEquals(stands(cured), Stage.SAFE, "the power was not confirmed to be off");
        assertEquals(stands(cured.kept("shock")), Stage.OPEN, "the kick plate is on no tray");
        assertEquals(stands(cured.laid(piece("plate", "below"))), Stage.CLOSE);
        assertEquals(stands(cured.closed()), Stage.HAND_OVER);
        var rebuilt = new Visits()
                .findings(SYMPTOM, new CheckMade("look", "bad"), CLEANED)
                .laid(piece("plate", "below", null, Place.BACK, 0));
        assertEquals(stands(rebuilt), Stage.PROVE, "it is closed: that nobody said that it was off is told at the end");
        assertEquals(stands(rebuilt.seen("works", 1)), Stage.HAND_OVER);
        assertEquals(gaps(Stage.SAFE, rebuilt), List.of(Gap.of(Kind.CAUTION, "Electric shock")));
    }

    /** A cut-out blows again while the duct that blew it is as it was: for the lead alone to leave so. */
    @Test
    public void whatComesBackKeepsTheRingOpenUntilItsCauseIsClearedOrCured() {
        var pack = new Packs()
                .fault("duct", 0.01)
                .consequence("cut-out", 0.001, Map.of("duct", 0.3))
                .check(
                        "flow",
                        null,
                        3,
                        new Outcome("poor", "poor", 0.01, Map.of("duct", 0.95), null, 0, List.of(), null),
                        new Outcome("good", "good", 0, Map.of(), null, 0, List.of(), null))
                .remedy("clean", null, 10, null, Map.of("duct", 0.9))
                .remedyAfterCauses("fit", "Fit the cut-out", 5, Map.of("cut-out", 0.9))
                .build();
        var fitted = new RemedyTried("fit", Proved.CURED);
        var open =
                Curing.gaps(pack, Packs.MACHINE, new Visits().findings(fitted).build());
        assertEquals(open, List.of(Gap.of(Kind.COMES_BACK, "Fit the cut-out", "duct")));
        var cleared = new CheckMade("flow", "good");
        assertEquals(
                Curing.gaps(
                        pack,
                        Packs.MACHINE,
                        new Visits().findings(cleared, fitted).build()),
                List.of());
        var cured = new RemedyTried("clean", Proved.STILL_FAILING);
        assertEquals(
                Curing.gaps(
                        pack,
                        Packs.MACHINE,
                        new Visits().findings(cured, fitted).build()),
                List.of());
    }
}
