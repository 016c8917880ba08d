package grimygasket.units;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Arrays;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class UnitTest {
    @DataProvider
    public Object[][] published() {
        return new Object[][] {
            // NIST SP 811, appendix B.
            {Unit.GALLON, 1, 3.785411784},
            {Unit.GALLON_PER_MINUTE, 4, 15.141647136},
            {Unit.CUBIC_FOOT_PER_MINUTE, 100, 169.901},
            {Unit.FOOT, 8, 2.4384},
            {Unit.INCH, 0.75, 19.05},
            {Unit.INCH_OF_HEIGHT, 2, 5.08},
            {Unit.SQUARE_FOOT, 2, 0.18580608},
            {Unit.PSI, 60, 4.136854},
            {Unit.INCH_OF_WATER, 100, 24.9082},
            {Unit.OUNCE, 16, 453.59237},
            {Unit.POUND, 2.2, 0.997903214},
            {Unit.FOOT_PER_MINUTE, 1000, 5.08},
            // The field guide's own pair: 49 °C is 120 °F.
            {Unit.FAHRENHEIT, 120, 48.888889},
            {Unit.FAHRENHEIT, 32, 0},
            {Unit.FAHRENHEIT, -40, -40},
            {Unit.FAHRENHEIT_DEGREE, 9, 5},
            // Field guide, section 5: hardness as CaCO3.
            {Unit.GRAIN_PER_GALLON, 10, 171},
            {Unit.GERMAN_DEGREE, 10, 178.5},
            {Unit.FRENCH_DEGREE, 10, 100},
            {Unit.MILLIMOLE_PER_LITRE, 2, 200.2},
            {Unit.PERCENT, 17.5, 0.175},
        };
    }

    @Test(dataProvider = "published")
    public void agreesWithThePublishedFactor(Unit unit, double value, double base) {
        assertEquals(unit.toBase(value), base, 1e-6 * Math.max(1, Math.abs(base)));
    }

    @DataProvider
    public Object[][] units() {
        return Arrays.stream(Unit.values()).map(unit -> new Object[] {unit}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "units")
    public void thereAndBackIsWhereItBegan(Unit unit) {
        for (double value : new double[] {-40, 0, 0.001, 1, 212, 1e6}) {
            assertEquals(unit.fromBase(unit.toBase(value)), value, 1e-9 * Math.max(1, Math.abs(value)));
        }
    }

    @Test
    public void everyQuantityIsKeptInItsMetricUnit() {
        for (var quantity : Quantity.values()) {
            var base = quantity == Quantity.SHARE ? Unit.SHARE : quantity.unit(UnitSystem.METRIC);
            assertEquals(base.toBase(7.5), 7.5, quantity.name());
        }
    }

    @Test
    public void aSymbolOfAQuantityMeansOneUnit() {
        for (var quantity : Quantity.values()) {
            var units = Stream.concat(
                            Arrays.stream(UnitSystem.values()).map(quantity::unit), quantity.others().stream())
                    .distinct()
                    .toList();
            assertEquals(units.stream().map(Unit::symbol).distinct().count(), units.size(), quantity.name());
        }
    }

    @Test
    public void aValueIsShownInBothFamilies() {
        assertEquals(Quantity.FLOW.show(15, UnitSystem.METRIC), "15 L/min");
        assertEquals(Quantity.FLOW.show(15, UnitSystem.US), "3.96 gal/min");
        assertEquals(Quantity.TEMPERATURE.show(49, UnitSystem.US), "120 °F");
        assertEquals(Quantity.SHARE.show(0.0956, UnitSystem.METRIC), "9.6%");
        assertEquals(Quantity.SHARE.show(0.399, UnitSystem.US), "40%");
        assertEquals(Quantity.MONEY.show(99.6, UnitSystem.METRIC), "99.60");
        assertTrue(Quantity.HARDNESS.others().contains(Unit.GERMAN_DEGREE));
    }
}
