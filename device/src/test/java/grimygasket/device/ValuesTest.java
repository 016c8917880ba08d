package grimygasket.device;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import com.eclipsesource.json.Json;
import java.math.BigDecimal;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ValuesTest {
    @DataProvider
    Object[][] figures() {
        return new Object[][] {
            {0.28571428, 0.2857},
            {-0.28571428, -0.2857},
            {121.25, 121.3},
            {121.24999999999999, 121.3},
            {12345.6, 12346.0},
            {7.00004e-5, 7.0e-5},
            {-1.4e-13, 0.0},
        };
    }

    @Test(dataProvider = "figures")
    public void whatIsComputedHasFourFigures(double value, double written) {
        assertEquals(Values.fourFigures(value), written, 1e-15);
    }

    @Test
    public void aPriceKeepsItsPlaces() {
        assertEquals(Values.of(new BigDecimal("7.40")).toString(), "7.40");
        assertEquals(Values.aBigDecimal(Json.parse("7.40")), new BigDecimal("7.40"));
    }

    @Test
    public void aNumberThatIsMissingIsSaid() {
        assertThrows(IllegalArgumentException.class, () -> Values.intThere(null));
        assertEquals(Values.aInteger(null), null);
    }
}
