package grimygasket.gauge;

import static org.testng.Assert.assertTrue;

import grimygasket.flow.Circuit;
import grimygasket.flow.Hose;
import grimygasket.flow.Narrowing;
import grimygasket.flow.PressureSource;
import grimygasket.flow.Suction;
import grimygasket.gauge.Readings.Typed;
import grimygasket.gauge.all.Gauges;
import grimygasket.pack.machine.Ratings;
import grimygasket.units.Estimate;
import grimygasket.units.UnitSystem;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** From simulated, shaking readings back to the open share: within the stated interval in 95 of 100 draws. */
public class InverseTest {
    private static final int DRAWS = 2000;

    @DataProvider
    public Object[][] openings() {
        return new Object[][] {{0.05}, {0.1}, {0.2}, {0.35}, {0.5}};
    }

    @Test(dataProvider = "openings")
    public void theOpenShareOfADrainIsRecovered(double open) {
        var circuit = new Circuit(new PressureSource(2, 20), 0.8, Hose.loss(2, 19));
        double litresPerMinute = circuit.flow(Narrowing.resistance(5, open));
        assertRecovered("drain-pump", "One narrow place, open by", open, random -> {
            double seconds = 30;
            double litres = litresPerMinute * seconds / 60;
            return Map.of(
                    "litres", shaken(litres, 0.03, random),
                    "seconds", shaken(seconds, 0.02, random));
        });
    }

    @DataProvider
    public Object[][] filters() {
        return new Object[][] {{0.05}, {0.1}, {0.2}};
    }

    @Test(dataProvider = "filters")
    public void theOpenShareOfAFilterIsRecovered(double open) {
        double share = Suction.share(Narrowing.resistance(2, open), Suction.SOUND_BLEED);
        assertRecovered(
                "filter-loading",
                "Filter, open by",
                open,
                random -> Map.of("with", shaken(20 * share, 0.02, random), "without", shaken(20, 0.02, random)));
    }

    private interface Drawn {
        Map<String, Double> readings(Random random);
    }

    private static double shaken(double value, double share, Random random) {
        return value * (1 + share * random.nextGaussian());
    }

    private static void assertRecovered(String id, String result, double truth, Drawn drawn) {
        var gauge = Gauges.of(id);
        var random = new Random(2026);
        int within = 0;
        for (int i = 0; i < DRAWS; i++) {
            var typed = new HashMap<String, Typed>();
            drawn.readings(random).forEach((input, value) -> typed.put(input, Typed.of(String.format("%.9f", value))));
            var judgement = gauge.judge(Readings.of(gauge.inputs(), typed, Ratings.NONE, UnitSystem.METRIC));
            Estimate estimate = judgement.results().stream()
                    .filter(one -> one.name().equals(result))
                    .findFirst()
                    .orElseThrow()
                    .value();
            within += estimate.low() <= truth && truth <= estimate.high() ? 1 : 0;
        }
        assertTrue(within >= 0.95 * DRAWS, within + " of " + DRAWS + " intervals hold " + truth);
    }
}
