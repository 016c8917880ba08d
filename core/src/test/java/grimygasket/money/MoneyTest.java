package grimygasket.money;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import java.math.BigDecimal;
import org.testng.annotations.Test;

public class MoneyTest {
    private static Bill bill(String minutes, String parts, String markup, String tax) {
        return Bill.of(
                new BigDecimal("45"),
                new BigDecimal(minutes),
                new BigDecimal("66"),
                new BigDecimal(parts),
                new BigDecimal(markup),
                new BigDecimal(tax));
    }

    @Test
    public void eachLineIsRoundedToTheCentAndTheTaxTakenOnTheirSum() {
        // 45 + 50·66/60 = 55.00 + 19.95·1.175 = 23.44125 → 23.44; 123.44·0.19 = 23.4536 → 23.45.
        var bill = bill("50", "19.95", "0.175", "0.19");
        assertEquals(bill.labour(), new BigDecimal("55.00"));
        assertEquals(bill.parts(), new BigDecimal("23.44"));
        assertEquals(bill.net(), new BigDecimal("123.44"));
        assertEquals(bill.tax(), new BigDecimal("23.45"));
        assertEquals(bill.total(), new BigDecimal("146.89"));
    }

    @Test
    public void halfACentGoesUp() {
        assertEquals(bill("0", "0.10", "0.05", "0").parts(), new BigDecimal("0.11"));
        assertEquals(bill("0", "0.70", "0.15", "0").parts(), new BigDecimal("0.81"), "0.805, which is no double");
    }

    @Test
    public void aNegativeAmountIsNamed() {
        var refused = expectThrows(IllegalArgumentException.class, () -> bill("-5", "0", "0", "0"));
        assertEquals(refused.getMessage(), "minutes cannot be negative, but is -5");
    }

    @Test
    public void timeIsEstimatedByThreePoints() {
        var time = new WorkTime(20, 40, 90);
        assertEquals(time.mean(), 45, 1e-12);
        assertEquals(time.nineOfTen(), 45 + 1.281552 * 70 / 6, 1e-9);
        assertEquals(new WorkTime(30, 30, 30).nineOfTen(), 30.0);
        expectThrows(IllegalArgumentException.class, () -> new WorkTime(50, 40, 90));
    }

    @Test
    public void repairIsWeighedByTheYearsThatItBuys() {
        // (150 + 0.1·120) / (12 − 6) = 27 a year, against 600 / 12 = 50.
        var worth = RepairOrReplace.of(150, 0.1, 120, 600, 6, 12);
        assertEquals(worth.expectedCost(), 162, 1e-12);
        assertEquals(worth.repairAYear(), 27, 1e-12);
        assertEquals(worth.replaceAYear(), 50, 1e-12);
        assertEquals(worth.ratio(), 0.54, 1e-12);
        assertEquals(RepairOrReplace.of(100, 0, 0, 600, 20, 12).repairAYear(), 200, 1e-12, "half a year at the least");
        expectThrows(IllegalArgumentException.class, () -> RepairOrReplace.of(1, 1.5, 1, 1, 1, 1));
    }
}
