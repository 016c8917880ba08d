package grimygasket.visit.ring;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;

import grimygasket.diagnosis.Packs;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.ReadingTaken;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Measure;
import grimygasket.pack.evidence.Measure.Level;
import grimygasket.pack.evidence.Measure.Model;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.machine.Path;
import grimygasket.pack.machine.Power;
import grimygasket.pack.machine.Station;
import grimygasket.pack.work.Proof;
import grimygasket.pack.work.Reading;
import grimygasket.pack.work.Remedy;
import grimygasket.units.Amount;
import grimygasket.units.Quantity;
import grimygasket.units.UnitSystem;
import grimygasket.visit.Openings;
import grimygasket.visit.VisitRecord;
import grimygasket.visit.line.Condition;
import grimygasket.visit.line.ProofRun;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;

/** What readings say of a visit beside the diagnosis: openings of stations, and the before of proofs. */
public class ReadingsOfVisitTest {
    private static final Pack PACK = pack();

    private static Pack pack() {
        var opening = new Measure(
                "Open share",
                Quantity.SHARE,
                Model.LEVEL,
                "screen",
                new Level(0.9, 0.1, 0, null),
                0,
                Map.of(),
                null,
                null,
                null,
                null);
        var outcomes = List.of(
                new Outcome("bad", "Bad", 0.1, Map.of("clog", 0.9), null, 0, List.of(), null),
                new Outcome("good", "Good", 0, null, null, 0, List.of(), null));
        return new Packs()
                .path(new Path(
                        "drain", "Drain", Path.Medium.WATER, List.of(new Station("screen", "Screen", List.of()))))
                .fault("clog", 0.1)
                .symptom("stands", 0.1, Map.of("clog", 0.9))
                .check(new Check(
                        "look",
                        "Look",
                        null,
                        1,
                        null,
                        null,
                        0,
                        null,
                        null,
                        null,
                        outcomes,
                        opening,
                        null,
                        null,
                        List.of(),
                        Power.EITHER,
                        List.of(),
                        null))
                .proof(new Proof(
                        "drains",
                        "It drains",
                        5,
                        List.of(),
                        1,
                        new Reading("Open share", null, Quantity.SHARE, Reading.Better.MORE, "look", null, null),
                        null,
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
                        Map.of("clog", 0.9),
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
                        Power.EITHER,
                        null))
                .build();
    }

    private static ReadingTaken open(double share) {
        return new ReadingTaken("look", new Amount(Quantity.SHARE, share, 0.05));
    }

    private static final RemedyTried CLEARED = new RemedyTried("clear", Proved.CURED);

    private static VisitRecord visit(List<Condition> conditions, Finding... findings) {
        return new VisitRecord(
                "x",
                List.of(findings),
                List.of(),
                Set.of(),
                List.of(),
                conditions,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                false,
                0);
    }

    @Test
    public void theLatestReadingOfAStationIsItsOpening() {
        assertEquals(Openings.of(PACK, visit(List.of(), open(0.2), CLEARED, open(0.9))), Map.of("screen", 0.9));
        assertEquals(Openings.of(PACK, visit(List.of())), Map.of());
    }

    @Test
    public void whatWasNotedAtTheWorkIsLaterStill() {
        var noted =
                new Condition("screen", Condition.Stuff.FOOD, 0.2, 1.0, Condition.Wear.DIRTY_ONLY, true, null, null);
        assertEquals(Openings.of(PACK, visit(List.of(noted), open(0.3))), Map.of("screen", 1.0));
        var before =
                new Condition("screen", Condition.Stuff.FOOD, 0.25, null, Condition.Wear.DIRTY_ONLY, true, null, null);
        assertEquals(Openings.of(PACK, visit(List.of(before), open(0.3))), Map.of("screen", 0.25));
    }

    @Test
    public void theLastReadingBeforeTheRemedyIsTheProofsBefore() {
        var none = ProofRun.none("drains");
        assertEquals(Proving.before(PACK, List.of(open(0.2), open(0.3), CLEARED, open(0.9)), none), 0.3);
        assertNull(Proving.before(PACK, List.of(CLEARED, open(0.9)), none));
        var noted = new ProofRun("drains", 0.1, null, 0, List.of(), false);
        assertEquals(Proving.before(PACK, List.of(open(0.3), CLEARED), noted), 0.1);
    }

    @Test
    public void aProofsReadingIsWrittenInTheFamilysUnit() {
        var flow = new Reading("Flow", null, Quantity.FLOW, Reading.Better.MORE, null, null, null);
        assertEquals(flow.unit(), "L/min");
        assertEquals(flow.show(14, UnitSystem.US), "3.7 gal/min");
        assertEquals(
                new Reading("Weight", "kg", null, Reading.Better.LESS, null, null, null).show(2.5, UnitSystem.US),
                "2.5 kg");
    }
}
