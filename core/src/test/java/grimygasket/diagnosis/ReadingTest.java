package grimygasket.diagnosis;

import static grimygasket.diagnosis.Packs.evidence;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.diagnosis.belief.Expectation;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.ReadingTaken;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.gauge.Verdict;
import grimygasket.pack.Pack;
import grimygasket.pack.PackException;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Measure;
import grimygasket.pack.evidence.Measure.Level;
import grimygasket.pack.evidence.Measure.Model;
import grimygasket.pack.evidence.OpenShare;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.machine.Path;
import grimygasket.pack.machine.Power;
import grimygasket.pack.machine.Rating;
import grimygasket.pack.machine.Station;
import grimygasket.units.Amount;
import grimygasket.units.Quantity;
import grimygasket.units.UnitSystem;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** Readings as evidence: by how likely flow makes them under each hypothesis. */
public class ReadingTest {
    private static Fault blocking(String id, String station, double least, double most) {
        return new Fault(
                id, id, List.of(station), 0.01, 0.9, new OpenShare(least, most), null, List.of(), Map.of(), List.of());
    }

    private static Check check(String id, Measure measure) {
        var outcomes = List.of(
                new Outcome("weak", "Weak", 0.1, Map.of("trap", 0.9), null, 0, List.of(), null),
                new Outcome("full", "Full", 0, null, null, 0, List.of(), null));
        return new Check(
                id,
                id,
                null,
                2,
                null,
                null,
                0,
                null,
                null,
                null,
                outcomes,
                measure,
                null,
                null,
                List.of(),
                Power.DEAD,
                List.of(),
                null);
    }

    private static final Measure FLOW = new Measure(
            "Flow", Quantity.FLOW, Model.DRAIN, "hose", null, 0.1, null, null, null, null, Measure.Meter.FLOW);
    private static final Measure OHMS = new Measure(
            "Winding",
            Quantity.RESISTANCE,
            Model.LEVEL,
            null,
            new Level(160, 10, 0, null),
            0,
            Map.of("dead", new Level(1e6, 4e5, 0.8, null)),
            null,
            null,
            null,
            null);
    private static final Measure SUCTION = new Measure(
            "Suction", Quantity.SUCTION, Model.SUCTION, "trap", null, 0.05, null, null, List.of("leak"), null, null);

    private static Packs rated() {
        return new Packs()
                .path(new Path(
                        "drain",
                        "Drain",
                        Path.Medium.WATER,
                        List.of(
                                new Station("trap", "Trap", List.of()),
                                new Station("hose", "Hose", List.of()),
                                new Station("pipe", "Pipe", List.of()))))
                .fault(blocking("trap", "trap", 0.01, 0.12))
                .fault(blocking("kink", "hose", 0.1, 0.3))
                .fault(blocking("beyond", "pipe", 0.01, 0.1))
                .fault("dead", 0.01)
                .fault("leak", 0.01)
                .symptom("stands", 0.05, Map.of("trap", 0.9, "kink", 0.9, "beyond", 0.9, "dead", 0.9, "leak", 0.9))
                .rating(Rating.DRAIN_HEAD, 2)
                .rating(Rating.DRAIN_FREE_FLOW, 20)
                .rating(Rating.DRAIN_LIFT, 0.8)
                .rating(Rating.HOSE_LENGTH, 2)
                .rating(Rating.HOSE_BORE, 19)
                .rating(Rating.SEALED_SUCTION, 20);
    }

    private static final Pack PACK = rated().check(check("flow", FLOW))
            .check(check("ohms", OHMS))
            .check(check("suction", SUCTION))
            .remedy("clear", null, 5, null, Map.of("trap", 0.9))
            .remedy("straighten", null, 5, null, Map.of("kink", 0.9))
            .build();

    private static Amount amount(Quantity quantity, double value) {
        return new Amount(quantity, value, 0.03 * value);
    }

    private static double chance(String fault, Finding... findings) {
        return Diagnosis.assess(PACK, Machine.of(PACK, List.of(), Map.of()), evidence(findings)).ranking().stream()
                .filter(suspect -> suspect.fault().equals(fault))
                .findFirst()
                .orElseThrow()
                .chance();
    }

    private static ReadingTaken flow(double litresPerMinute) {
        return new ReadingTaken("flow", amount(Quantity.FLOW, litresPerMinute));
    }

    @Test
    public void hardlyAnyFlowAccusesWhatCanCloseTheWay() {
        assertTrue(chance("trap", flow(3)) > 0.9, "" + chance("trap", flow(3)));
        assertTrue(chance("kink", flow(3)) < 0.05);
    }

    @Test
    public void someFlowAccusesWhatOnlyNarrowsIt() {
        // A kink open by 0.2 of three stations: r = 9, Q² = 1.2 / (0.005 + 9 · 0.001113) = 80: 8.9 L/min.
        assertTrue(chance("kink", flow(8.9)) > 3 * chance("trap", flow(8.9)));
    }

    @Test
    public void fullFlowClearsThePathUpToWhereItIsReadAndNotBeyond() {
        assertTrue(chance("trap", flow(14)) < 0.2 * chance("trap"));
        assertTrue(chance("beyond", flow(14)) > chance("beyond"));
    }

    @Test
    public void noReadingRulesAnythingOut() {
        for (double reading : new double[] {0, 14, 55}) {
            for (var fault : PACK.faults()) {
                assertTrue(chance(fault.id(), flow(reading)) > 0, fault.id() + " at " + reading);
            }
        }
    }

    @Test
    public void anUncertainReadingSaysLess() {
        var rough = new ReadingTaken("flow", new Amount(Quantity.FLOW, 3, 6));
        assertTrue(chance("trap", rough) < chance("trap", flow(3)));
        assertTrue(chance("trap", rough) > chance("trap"));
    }

    @Test
    public void anOpenWindingIsSeenAtItsLevel() {
        var open = new ReadingTaken("ohms", amount(Quantity.RESISTANCE, 9e5));
        var good = new ReadingTaken("ohms", amount(Quantity.RESISTANCE, 158));
        assertTrue(chance("dead", open) > 0.7, "" + chance("dead", open));
        // A fifth of dead ones measure well: they lack only their supply.
        assertTrue(chance("dead", good) > 0.1 * chance("dead"));
        assertTrue(chance("dead", good) < 0.5 * chance("dead"));
    }

    @Test
    public void aLeakAndABlockageBothTakeSuction() {
        var weak = new ReadingTaken("suction", amount(Quantity.SUCTION, 11));
        assertTrue(chance("leak", weak) > 2 * chance("leak"));
        var strong = new ReadingTaken("suction", amount(Quantity.SUCTION, 20));
        assertTrue(chance("leak", strong) < 0.3 * chance("leak"));
    }

    @Test
    public void whatWasMeasuredIsNotAdvisedAgain() {
        var plan = Diagnosis.assess(PACK, Machine.of(PACK, List.of(), Map.of()), evidence(flow(3)))
                .plan();
        assertFalse(plan.next().id().equals("flow"));
        assertTrue(plan.alternatives().stream().noneMatch(step -> step.id().equals("flow")));
    }

    @Test
    public void aSoundMachineIsWhatItsRatingsSay() {
        var usual = Expectation.of(PACK, Machine.of(PACK, List.of(), Map.of())).get("flow");
        assertEquals(usual.sound().value(), 14.01, 0.01);
        assertEquals(usual.sound().standardUncertainty(), 1.401, 0.001);
        assertEquals(usual.say(amount(Quantity.FLOW, 7), UnitSystem.METRIC), "7 L/min, 50% of a sound one’s 14 L/min");
        assertEquals(
                usual.say(amount(Quantity.FLOW, 7), UnitSystem.US), "1.85 gal/min, 50% of a sound one’s 3.7 gal/min");
        assertEquals(usual.verdict(amount(Quantity.FLOW, 14)), Verdict.GOOD);
        assertEquals(usual.verdict(amount(Quantity.FLOW, 4)), Verdict.BAD);
        assertEquals(usual.verdict(new Amount(Quantity.FLOW, 8, 4)), Verdict.CANNOT_TELL);
        var own = Machine.of(PACK, List.of(), Map.of(), Map.of(Rating.DRAIN_LIFT, 1.6));
        assertTrue(Expectation.of(PACK, own).get("flow").sound().value() < 9);
    }

    @Test
    public void aLevelIsGoodWhereSoundOnesRead() {
        var ohms = Expectation.of(PACK, Machine.of(PACK, List.of(), Map.of())).get("ohms");
        assertEquals(ohms.verdict(amount(Quantity.RESISTANCE, 165)), Verdict.GOOD);
        assertEquals(ohms.verdict(amount(Quantity.RESISTANCE, 1e6)), Verdict.BAD);
        assertEquals(
                ohms.say(amount(Quantity.RESISTANCE, 165), UnitSystem.METRIC), "165 Ω; sound ones read 139 to 181 Ω");
        assertFalse(ohms.isShare());
    }

    @Test
    public void readingsThatNobodyCanPredictAreRefused() {
        var flow = check("flow", FLOW);
        var incomplete = new Packs()
                .path(new Path("drain", "Drain", Path.Medium.WATER, List.of(new Station("hose", "Hose", List.of()))))
                .fault("trap", 0.01)
                .symptom("stands", 0.05, Map.of("trap", 0.9))
                .check(flow);
        var problems = expectThrows(PackException.class, incomplete::build).problems();
        assertTrue(
                problems.contains("the reading of check flow needs the rating DRAIN_HEAD, which is not given"),
                "" + problems);
        expectThrows(
                IllegalArgumentException.class,
                () -> new Measure("x", Quantity.FLOW, Model.LEVEL, null, null, 0, null, null, null, null, null));
        expectThrows(
                IllegalArgumentException.class,
                () -> new Measure("x", Quantity.FLOW, Model.DRAIN, null, null, 0, null, null, null, null, null));
        expectThrows(IllegalArgumentException.class, () -> new Level(1, 0, 1, null));
        expectThrows(IllegalArgumentException.class, () -> new OpenShare(0.5, 0.2));
    }
}
