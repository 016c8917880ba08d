package grimygasket.practice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.diagnosis.Packs;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.gauge.Steady;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Code;
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
import grimygasket.units.Quantity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

public class PracticeTest {
    private static Check check(String id, Measure measure) {
        var outcomes = List.of(
                new Outcome("weak", "Weak", 0.02, Map.of("clog", 0.95), null, 0, List.of(), null),
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
                Power.EITHER,
                List.of(),
                null);
    }

    private static Measure measure(Quantity quantity, Model model, String station, Measure.Meter meter) {
        return new Measure(model.name(), quantity, model, station, null, 0.1, null, null, null, null, meter);
    }

    private static final Pack PACK = new Packs()
            .path(new Path(
                    "drain",
                    "Drain",
                    Path.Medium.WATER,
                    List.of(new Station("trap", "Trap", List.of()), new Station("hose", "Hose", List.of()))))
            .path(new Path("fill", "Fill", Path.Medium.WATER, List.of(new Station("tap", "Tap", List.of()))))
            .path(new Path("heat", "Heat", Path.Medium.HEAT, List.of(new Station("heater", "Heater", List.of()))))
            .fault(new Fault(
                    "clog",
                    "clog",
                    List.of("trap"),
                    0.01,
                    0.95,
                    new OpenShare(0.01, 0.05),
                    null,
                    List.of(),
                    Map.of(),
                    List.of()))
            .fault(new Fault(
                    "shut",
                    "shut",
                    List.of("tap"),
                    0.01,
                    0.95,
                    new OpenShare(0.1, 0.2),
                    null,
                    List.of(),
                    Map.of(),
                    List.of()))
            .fault(new Fault("cold", "cold", List.of("heater"), 0.01, 0, null, null, List.of(), Map.of(), List.of()))
            .symptom("stands", 0.01, Map.of("clog", 0.9))
            .check(check("drain", measure(Quantity.FLOW, Model.DRAIN, "hose", Measure.Meter.FLOW)))
            .check(check("fill", measure(Quantity.FLOW, Model.FILL, "tap", Measure.Meter.FLOW)))
            .check(check(
                    "warm",
                    new Measure(
                            "Warm",
                            Quantity.TEMPERATURE,
                            Model.LEVEL,
                            null,
                            new Level(54, 3, 0, null),
                            0,
                            Map.of("cold", new Level(30, 3, 0, null)),
                            null,
                            null,
                            null,
                            Measure.Meter.TEMPERATURE)))
            .check(check("look", null))
            .remedy("clear", null, 5, null, Map.of("clog", 0.95))
            .remedy("heater", null, 5, null, Map.of("cold", 0.95))
            .rating(Rating.DRAIN_HEAD, 2)
            .rating(Rating.DRAIN_FREE_FLOW, 20)
            .rating(Rating.DRAIN_LIFT, 0.8)
            .rating(Rating.HOSE_LENGTH, 2)
            .rating(Rating.HOSE_BORE, 19)
            .rating(Rating.FILL_FLOW, 6)
            .rating(Rating.FILL_VOLUME, 4)
            .rating(Rating.ELEMENT_POWER, 2000)
            .build();
    private static final Machine MACHINE = Machine.of(PACK, List.of(), Map.of());

    private static SimulatedMachine with(long seed, String... faults) {
        return SimulatedMachine.of(PACK, MACHINE, List.of(faults), seed);
    }

    @Test
    public void drawsAreEvenAndTheSameForTheSameName() {
        var draws = Draws.of(7);
        assertEquals(draws.uniform("a"), Draws.of(7).uniform("a"));
        assertNotEquals(draws.uniform("a"), draws.uniform("b"));
        assertNotEquals(draws.uniform("a"), Draws.of(8).uniform("a"));
        var uniform = IntStream.range(0, 20_000)
                .mapToDouble(i -> draws.uniform("n" + i))
                .toArray();
        // Mean ½ ± 4 · 0.289/√20000, and a tenth in the first tenth.
        assertEquals(Arrays.stream(uniform).average().orElseThrow(), 0.5, 0.0082);
        assertEquals(Arrays.stream(uniform).filter(u -> u < 0.1).count(), 2000, 170);
        var normal = IntStream.range(0, 20_000)
                .mapToDouble(i -> draws.normal("n" + i))
                .toArray();
        assertEquals(Arrays.stream(normal).average().orElseThrow(), 0, 0.03);
        assertEquals(Arrays.stream(normal).map(z -> z * z).average().orElseThrow(), 1, 0.05);
    }

    @Test
    public void aPickGoesByItsWeights() {
        var counts = new int[3];
        IntStream.range(0, 6000).forEach(i -> counts[Draws.of(1).pick("p" + i, new double[] {1, 0, 2})]++);
        // A third, none, two thirds; 4 · √(6000 · ⅓ · ⅔) = 146.
        assertEquals(counts[0], 2000, 146);
        assertEquals(counts[1], 0);
        assertEquals(counts[2], 4000, 146);
        assertEquals(Draws.of(1).pick("one", new double[] {0.3}), 0);
    }

    @Test
    public void theSameSeedTellsTheSameStoryInAnyOrder() {
        var one = with(3, "clog");
        var other = with(3, "clog");
        double flow = one.truth(PACK.check("drain"));
        assertEquals(one.look(PACK.symptom("stands")), other.look(PACK.symptom("stands")));
        assertEquals(other.truth(PACK.check("drain")), flow);
        assertEquals(other.check(PACK.check("look")), one.check(PACK.check("look")));
    }

    @Test
    public void itShowsWhatIsWrongAsOftenAsThePackSays() {
        long yes = IntStream.range(0, 2000)
                .filter(seed -> with(seed, "clog").look(PACK.symptom("stands")) == Answer.YES)
                .count();
        assertEquals(yes / 2000.0, 1 - 0.99 * 0.1, 0.03);
        long sound = IntStream.range(0, 2000)
                .filter(seed -> with(seed).look(PACK.symptom("stands")) == Answer.YES)
                .count();
        assertEquals(sound / 2000.0, 0.01, 0.01);
    }

    @Test
    public void aClogTakesFlowAndARemedyGivesItBack() {
        var machine = with(6, "clog");
        double before = machine.truth(PACK.check("drain"));
        assertEquals(machine.treat(PACK.remedy("clear")), Proved.CURED);
        double after = machine.truth(PACK.check("drain"));
        assertTrue(before < 6, "" + before);
        assertEquals(after, 14, 4);
        assertTrue(machine.faults().isEmpty());
        assertTrue(machine.works("works"));
    }

    @Test
    public void theWrongRemedyCuresNothing() {
        var machine = with(5, "clog");
        assertEquals(machine.treat(PACK.remedy("heater")), Proved.STILL_FAILING);
        assertEquals(machine.faults(), Set.of("clog"));
    }

    @Test
    public void aMachineWithoutThatFaultIsRefused() {
        expectThrows(IllegalArgumentException.class, () -> with(1, "gremlins"));
        expectThrows(IllegalArgumentException.class, () -> with(1).truth(PACK.check("look")));
        expectThrows(IllegalArgumentException.class, () -> Meter.of(with(1), PACK.check("look")));
    }

    @Test
    public void itsCodeGoesWithWhatIsWrong() {
        var drain =
                new Code("Kestrane", "kind", Code.Display.CODE, "d1", "Drain", 0.01, Map.of("clog", 0.8), Map.of(), "");
        var heat =
                new Code("Kestrane", "kind", Code.Display.CODE, "h1", "Heat", 0.01, Map.of("cold", 0.8), Map.of(), "");
        assertEquals(with(1, "cold").code(List.of(drain, heat)), heat);
        assertEquals(with(1, "clog").code(List.of(drain, heat)), drain);
        assertNull(with(1, "shut").code(List.of(drain, heat)));
    }

    @Test
    public void aRunDrainsInItsTimeOrGivesUp() {
        var sound = Run.of(with(2), Programme.DRAIN, 10);
        double flow = with(2).truth(PACK.check("drain"));
        while (sound.litres() > 0.5 && sound.seconds() < 600) {
            sound.step(0.5);
        }
        // 9.5 L at the steady flow, and about two seconds to come up to it.
        assertEquals(sound.seconds(), 60 * 9.5 / flow + 2, 1.5);
        assertFalse(sound.gaveUp());
        var clogged = Run.of(with(2, "clog"), Programme.DRAIN, 40);
        IntStream.range(0, 600).forEach(i -> clogged.step(0.5));
        assertTrue(clogged.gaveUp());
        assertTrue(clogged.litres() > 5);
    }

    @Test
    public void aRunFillsToItsMarkAndHeatsByItsPower() {
        var fill = Run.of(with(4), Programme.FILL, 0);
        IntStream.range(0, 400).forEach(i -> fill.step(0.5));
        assertEquals(fill.litres(), 4, 0.4);
        assertFalse(fill.gaveUp());
        var shut = Run.of(with(4, "shut"), Programme.FILL, 0);
        IntStream.range(0, 600).forEach(i -> shut.step(0.5));
        assertTrue(shut.gaveUp());
        // 2000 W into 4 L: 0.1194 K a second.
        var heat = Run.of(with(4), Programme.HEAT, 4);
        IntStream.range(0, 100).forEach(i -> heat.step(1));
        assertEquals(heat.celsius(), 20 + 100 * 2000 / (4186 * 4.0), 0.01);
        var cold = Run.of(with(4, "cold"), Programme.HEAT, 4);
        cold.step(5);
        assertEquals(cold.celsius(), 20.0);
        expectThrows(IllegalArgumentException.class, () -> heat.step(60));
        expectThrows(IllegalArgumentException.class, () -> Run.of(with(1), Programme.REST, -1));
    }

    @Test
    public void aMeterComesUpToTheTruthAndShakes() {
        for (var id : List.of("drain", "fill", "warm")) {
            int within = 0;
            for (int seed = 0; seed < 100; seed++) {
                var machine = with(seed, "clog");
                var meter = Meter.of(machine, PACK.check(id));
                var samples = new ArrayList<Double>();
                var steady = Steady.of(Quantity.FLOW, samples);
                while (steady == null && samples.size() < 60) {
                    samples.add(meter.next());
                    steady = Steady.of(Quantity.FLOW, samples.subList(Math.min(samples.size(), 16), samples.size()));
                }
                assertNotNull(steady, id + " never steady");
                double off = Math.abs(steady.value() - machine.truth(PACK.check(id)));
                within += off <= 2.5 * steady.standardUncertainty() + 1e-9 ? 1 : 0;
            }
            assertTrue(within >= 95, id + ": " + within + " of 100");
        }
    }

    @Test
    public void aMeterThatWasLostGoesOnWhereItBroke() {
        var whole = Meter.of(with(9, "clog"), PACK.check("drain"));
        var values = IntStream.range(0, 20).mapToObj(i -> whole.next()).toList();
        var again = Meter.of(with(9, "clog"), PACK.check("drain"));
        IntStream.range(0, 12).forEach(i -> again.next());
        assertEquals(again.samples(), 12);
        assertEquals(again.next(), values.get(12));
    }

    @Test
    public void anIdIsASeedByItsLastEightBytes() {
        for (var id : new String[] {"0193a000-0000-7000-8000-000000000402", "0193a000-0000-7000-bfff-ffffffffffff"}) {
            assertEquals(Draws.seed(UUID.fromString(id)), UUID.fromString(id).getLeastSignificantBits());
        }
    }
}
