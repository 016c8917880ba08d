package grimygasket.units;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import org.testng.annotations.Test;

public class EstimateTest {
    private static Amount amount(double value, double uncertainty) {
        return new Amount(Quantity.FLOW, value, uncertainty);
    }

    @Test
    public void ofASumTheSpreadsAddAsSquares() {
        // JCGM 100:2008, 5.1.2: u² = 3² + 4² = 5², and 2.09 times that on each side.
        var sum = Estimate.of(Quantity.FLOW, Formula.of((a, b) -> a + b), amount(10, 3), amount(20, 4));
        assertEquals(sum.value(), 30);
        assertEquals(sum.low(), 19.55, 1e-9);
        assertEquals(sum.high(), 40.45, 1e-9);
    }

    @Test
    public void ofADifferenceToo() {
        var difference = Estimate.of(Quantity.FLOW, Formula.of((a, b) -> b - a), amount(10, 3), amount(20, 4));
        assertEquals(difference.low(), -0.45, 1e-9);
        assertEquals(difference.high(), 20.45, 1e-9);
    }

    @Test
    public void aBentFunctionKeepsItsShape() {
        // 1/x² from 4 ± 2.09·0.5, and not the same on both sides.
        var bent = Estimate.of(Quantity.FLOW, Formula.of(a -> 1 / a / a), amount(4, 0.5));
        assertEquals(bent.value(), 1.0 / 16);
        assertEquals(bent.low(), 1 / (5.045 * 5.045), 1e-12);
        assertEquals(bent.high(), 1 / (2.955 * 2.955), 1e-12);
    }

    @Test
    public void whatIsKnownExactlyStaysExact() {
        var exact = Estimate.of(Quantity.FLOW, Formula.of(a -> 3 * a), Amount.exact(Quantity.FLOW, 2));
        assertEquals(exact, Estimate.exact(Quantity.FLOW, 6));
    }

    @Test
    public void refusesWhatIsNoIntervalAndNoAmount() {
        expectThrows(IllegalArgumentException.class, () -> new Estimate(Quantity.FLOW, 3, 4, 5));
        expectThrows(IllegalArgumentException.class, () -> amount(Double.NaN, 1));
        expectThrows(IllegalArgumentException.class, () -> amount(1, -1));
    }
}
