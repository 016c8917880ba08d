package grimygasket.report;

import static org.testng.Assert.assertEquals;

import java.math.BigDecimal;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CurrencyTest {
    @DataProvider
    Object[][] prices() {
        return new Object[][] {
            {"7.4", 2, "€7.40"},
            {"0", 2, "€0.00"},
            {"999.995", 2, "€1,000.00"},
            {"1234567.5", 2, "€1,234,567.50"},
            {"1234.5", 0, "€1,234"},
        };
    }

    @Test(dataProvider = "prices")
    public void aPriceIsWrittenInFull(String amount, int places, String said) {
        assertEquals(new Currency("€", places).say(new BigDecimal(amount)), said);
    }
}
