package grimygasket.units;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import org.testng.annotations.Test;

public class FormulaTest {
    @Test
    public void eachInputStandsWhereItIsNamed() {
        assertEquals(Formula.of(a -> a).at(1), 1.0);
        assertEquals(Formula.of((a, b) -> 10 * a + b).at(1, 2), 12.0);
        assertEquals(Formula.of((a, b, c) -> 10 * (10 * a + b) + c).at(1, 2, 3), 123.0);
        assertEquals(
                Formula.of((a, b, c, d) -> 10 * (10 * (10 * a + b) + c) + d).at(1, 2, 3, 4), 1234.0);
        assertEquals(Formula.of((a, b, c, d, e) -> a / b * c / d * e).at(1, 2, 4, 8, 16), 4.0);
        assertEquals(Formula.of((a, b, c, d, e, f) -> a - b * c - d * e - f).at(1, 2, 3, 4, 5, 6), -31.0);
    }

    @Test
    public void tooFewInputsAreRefused() {
        assertThrows(
                IllegalArgumentException.class,
                () -> Formula.of((a, b) -> a + b).at(1));
        assertThrows(
                IllegalArgumentException.class,
                () -> Estimate.of(
                        Quantity.FLOW,
                        Formula.of(a -> a),
                        Amount.exact(Quantity.FLOW, 1),
                        Amount.exact(Quantity.FLOW, 2)));
    }
}
