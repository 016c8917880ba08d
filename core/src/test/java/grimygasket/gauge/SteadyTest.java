package grimygasket.gauge;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;

import grimygasket.units.Quantity;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

public class SteadyTest {
    private static List<Double> samples(int count, IntToDoubleFunction at) {
        return IntStream.range(0, count).mapToObj(at::applyAsDouble).toList();
    }

    @Test
    public void whatStillRisesIsNotSteady() {
        assertNull(Steady.of(Quantity.FLOW, samples(30, i -> i)));
        assertNull(Steady.of(Quantity.FLOW, samples(Steady.WINDOW - 1, i -> 5)));
    }

    @Test
    public void whatShakesAboutAValueIsSteadyThere() {
        var random = new Random(1);
        var steady = Steady.of(Quantity.FLOW, samples(60, i -> 10 + 0.3 * random.nextGaussian()));
        assertNotNull(steady);
        assertEquals(steady.value(), 10, 0.3);
        assertEquals(steady.standardUncertainty(), 0.3, 0.2);
    }

    @Test
    public void onlyTheEndCounts() {
        var late = samples(40, i -> i < 20 ? i : 20);
        assertEquals(Steady.of(Quantity.FLOW, late).value(), 20.0);
        assertEquals(Steady.of(Quantity.FLOW, Collections.nCopies(12, 7.0)).standardUncertainty(), 0.0);
    }
}
