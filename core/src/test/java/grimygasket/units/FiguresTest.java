package grimygasket.units;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FiguresTest {
    @DataProvider
    public Object[][] shown() {
        return new Object[][] {
            {0, "0"},
            {0.05174, "0.0517"},
            {14.249, "14.2"},
            {1234.6, "1235"},
            {1_000_000, "1000000"},
            {-3.5, "−3.5"},
            {1e-9, "0.000000001"},
            {20, "20"},
            {Double.NaN, "–"},
            {Double.POSITIVE_INFINITY, "–"},
        };
    }

    @Test(dataProvider = "shown")
    public void threeFiguresThatCount(double value, String text) {
        assertEquals(Figures.show(value), text);
    }

    @DataProvider
    public Object[][] typed() {
        return new Object[][] {{"3.5", 3.5}, {" 12 ", 12}, {"-4", -4}, {"−4", -4}, {".5", 0.5}, {"7.", 7}};
    }

    @Test(dataProvider = "typed")
    public void whatIsTypedIsRead(String text, double value) {
        assertEquals(Figures.read(text), value);
    }

    @DataProvider
    public Object[][] nonsense() {
        return new Object[][] {
            {"", "Enter a number."},
            {null, "Enter a number."},
            {"3,5", "Write “3.5”, with a point: a comma could part thousands just as well."},
            {"twelve", "“twelve” is not a number. Write digits alone, for example 3.5."},
            {"1.2.3", "“1.2.3” is not a number. Write digits alone, for example 3.5."},
            {"1e400", "“1e400” is not a number. Write digits alone, for example 3.5."},
            {"NaN", "“NaN” is not a number. Write digits alone, for example 3.5."},
        };
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseGetsASentence(String text, String sentence) {
        var refused = expectThrows(IllegalArgumentException.class, () -> Figures.read(text));
        assertEquals(refused.getMessage(), sentence);
    }
}
