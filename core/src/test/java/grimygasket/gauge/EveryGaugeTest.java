package grimygasket.gauge;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.gauge.Readings.Typed;
import grimygasket.gauge.all.Gauges;
import grimygasket.pack.machine.Ratings;
import grimygasket.units.UnitSystem;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What holds for all gauges, whatever they compute. */
public class EveryGaugeTest {
    @DataProvider
    public Object[][] gauges() {
        return Gauges.ALL.stream().map(gauge -> new Object[] {gauge}).toArray(Object[][]::new);
    }

    private static Judgement judge(Gauge gauge, Map<String, Typed> typed, UnitSystem system) {
        return gauge.judge(Readings.of(gauge.inputs(), typed, Ratings.NONE, system));
    }

    @Test(dataProvider = "gauges")
    public void judgesAnythingInItsRangesOrSaysWhyNot(Gauge gauge) {
        var random = new Random(gauge.id().hashCode());
        int judged = 0;
        for (int i = 0; i < 400; i++) {
            var typed = new HashMap<String, Typed>();
            for (var input : gauge.inputs()) {
                typed.put(input.id(), Typed.of(any(input, random)));
            }
            try {
                var judgement = judge(gauge, typed, UnitSystem.METRIC);
                judgement
                        .results()
                        .forEach(result -> assertFalse(
                                Double.isNaN(result.value().value()),
                                gauge.id() + ": " + result.name() + " of " + typed));
                assertFalse(judgement.sentence().isBlank());
                judged++;
            } catch (UnfitReadings e) {
                assertFalse(e.getMessage().isBlank());
            }
        }
        assertTrue(judged > 20, gauge.id() + " judged only " + judged);
    }

    /** Anything within the range, and its ends. */
    private static String any(Input input, Random random) {
        if (!input.options().isEmpty()) {
            return input.options().get(random.nextInt(input.options().size())).id();
        }
        double share = random.nextInt(5) == 0 ? random.nextInt(2) : random.nextDouble();
        double base = input.least() + share * (input.most() - input.least());
        var unit = input.quantity().unit(UnitSystem.METRIC);
        double shown =
                Math.min(unit.fromBase(input.most()), Math.max(unit.fromBase(input.least()), unit.fromBase(base)));
        return new BigDecimal(shown).toPlainString();
    }

    @Test(dataProvider = "gauges")
    public void bothFamiliesGiveTheSame(Gauge gauge) {
        var random = new Random(3);
        for (int i = 0; i < 100; i++) {
            var metric = new HashMap<String, Typed>();
            var us = new HashMap<String, Typed>();
            for (var input : gauge.inputs()) {
                double base = input.least() + random.nextDouble() * (input.most() - input.least());
                for (var system : UnitSystem.values()) {
                    var text = input.options().isEmpty()
                            ? new BigDecimal(input.quantity().unit(system).fromBase(base)).toPlainString()
                            : input.options().get(0).id();
                    (system == UnitSystem.METRIC ? metric : us).put(input.id(), Typed.of(text));
                }
            }
            try {
                var one = judge(gauge, metric, UnitSystem.METRIC);
                var other = judge(gauge, us, UnitSystem.US);
                for (int r = 0; r < one.results().size(); r++) {
                    double a = one.results().get(r).value().value();
                    double b = other.results().get(r).value().value();
                    assertEquals(
                            b,
                            a,
                            1e-6 * Math.max(1, Math.abs(a)),
                            one.results().get(r).name());
                }
            } catch (UnfitReadings e) {
                expectThrows(UnfitReadings.class, () -> judge(gauge, us, UnitSystem.US));
            }
        }
    }

    @Test(dataProvider = "gauges")
    public void justOutsideItsRangeAnInputIsNamed(Gauge gauge) {
        for (var input : gauge.inputs()) {
            if (input.options().isEmpty()) {
                var unit = input.quantity().unit(UnitSystem.METRIC);
                var over = new BigDecimal(unit.fromBase(input.most()) * 1.01 + 0.01).toPlainString();
                var refused = expectThrows(
                        UnfitReadings.class, () -> judge(gauge, Map.of(input.id(), Typed.of(over)), UnitSystem.METRIC));
                assertTrue(refused.problems().get(input.id()).contains(input.name()), refused.getMessage());
            }
        }
    }

    @Test(dataProvider = "gauges")
    public void saysWhereItsFormulaComesFrom(Gauge gauge) {
        assertFalse(gauge.tells().isBlank());
        assertTrue(gauge.source().length() > 30, gauge.id());
        var ids = new HashSet<String>();
        gauge.inputs().forEach(input -> assertTrue(ids.add(input.id()), input.id()));
    }

    @Test(dataProvider = "gauges")
    public void itsStepsAreRoundAndFew(Gauge gauge) {
        for (var input : gauge.inputs()) {
            for (var system : UnitSystem.values()) {
                double step = input.step(input.quantity().unit(system));
                double first = step / Math.pow(10, Math.floor(Math.log10(step) + 1e-9));
                assertTrue(
                        Math.abs(first - 1) < 1e-6 || Math.abs(first - 2) < 1e-6 || Math.abs(first - 5) < 1e-6,
                        input.id() + " " + step);
            }
        }
    }

    @Test
    public void thereIsNoGaugeOfAnotherName() {
        expectThrows(IllegalArgumentException.class, () -> Gauges.of("barometer"));
        assertEquals(Gauges.ALL.stream().map(Gauge::id).distinct().count(), Gauges.ALL.size());
    }
}
