package grimygasket.flow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.util.Random;
import org.testng.annotations.Test;

public class CircuitTest {
    /** H0 = 2 m, Qmax = 20 L/min, lift 0.8 m, k = 0.001: Q² = 1.2 / (2/400 + 0.001) = 200. */
    private static final Circuit DRAIN = new Circuit(new PressureSource(2, 20), 0.8, 0.001);

    @Test
    public void meetsWhereHandAndPaperSay() {
        assertEquals(DRAIN.flow(), Math.sqrt(200), 1e-12);
        // Ten times the loss: Q² = 1.2 / 0.015 = 80.
        assertEquals(DRAIN.flow(10), Math.sqrt(80), 1e-12);
        assertEquals(DRAIN.headOfLine(10, 3), 0.8 + 0.3, 1e-12);
    }

    @Test
    public void pumpAndLineAgreeThere() {
        for (double resistance : new double[] {1, 2, 50, 1e4}) {
            double flow = DRAIN.flow(resistance);
            assertEquals(DRAIN.source().headAt(flow), DRAIN.headOfLine(flow, resistance), 1e-9);
        }
    }

    @Test
    public void nothingFlowsThroughAClosedLineOrOverTooHighALift() {
        assertEquals(DRAIN.flow(Double.POSITIVE_INFINITY), 0.0);
        assertEquals(new Circuit(new PressureSource(2, 20), 2.4, 0.001).flow(), 0.0);
        assertEquals(new Circuit(new PressureSource(2, 20), 2, 0.001).flow(), 0.0);
    }

    @Test
    public void theInverseFindsTheResistance() {
        var random = new Random(5);
        for (int i = 0; i < 200; i++) {
            double resistance = 1 + 500 * random.nextDouble();
            assertEquals(DRAIN.resistance(DRAIN.flow(resistance)), resistance, 1e-6 * resistance);
        }
        assertEquals(DRAIN.resistance(19), 1.0, "no line is cleaner than clean");
    }

    @Test
    public void isMadeFromItsNormalFlow() {
        assertEquals(Circuit.ofNormal(new PressureSource(2, 20), 0.8, 14).flow(), 14, 1e-9);
        expectThrows(IllegalArgumentException.class, () -> Circuit.ofNormal(new PressureSource(2, 20), 0.8, 19));
    }

    @Test
    public void aPressureThatDoesNotGiveWayLetsFlowFallWithTheRoot() {
        var mains = new Circuit(PressureSource.constant(3), 0, 0.03);
        assertEquals(mains.flow(), 10, 1e-12);
        assertEquals(mains.flow(4), 5, 1e-12);
    }

    @Test
    public void oneNarrowPlaceOfFiveTakesItsFifth() {
        // Half open: (4 + 4) / 5.
        assertEquals(Narrowing.resistance(5, 0.5), 1.6, 1e-12);
        assertEquals(Narrowing.resistance(5), 1.0, 1e-12);
        assertEquals(Narrowing.resistance(5, 1, 1, 1), 1.0, 1e-12);
        assertEquals(Narrowing.resistance(1, 0.1), 100, 1e-9);
        assertTrue(Double.isInfinite(Narrowing.resistance(3, 0)));
        expectThrows(IllegalArgumentException.class, () -> Narrowing.resistance(3, 1.2));
    }

    @Test
    public void theOpenShareIsFoundAgain() {
        for (double open : new double[] {0.02, 0.1, 0.5, 0.9, 1}) {
            assertEquals(Narrowing.open(5, Narrowing.resistance(5, open)), open, 1e-9);
        }
    }

    @Test
    public void aHoseLosesWhatDarcyAndWeisbachSay() {
        // 8·0.03·4 / (π²·9.80665·0.019⁵) = 4.006e6 s²/m⁵, over 60000² = 1.113e-3 m/(L/min)².
        assertEquals(Hose.loss(2, 19), 1.113e-3, 1e-6);
        assertTrue(Hose.loss(2, 16) > 2 * Hose.loss(2, 19), "it goes with the fifth power of the bore");
    }

    @Test
    public void refusesWhatNoMachineHas() {
        expectThrows(IllegalArgumentException.class, () -> new PressureSource(0, 20));
        expectThrows(IllegalArgumentException.class, () -> new PressureSource(2, -1));
        expectThrows(IllegalArgumentException.class, () -> new Circuit(new PressureSource(2, 20), -0.1, 1));
        expectThrows(IllegalArgumentException.class, () -> new Circuit(new PressureSource(2, 20), 0, 0));
    }
}
