package grimygasket.stock;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.Random;
import org.testng.annotations.Test;

public class BarcodeTest {
    /** The example of the General Specifications, section 7.9: the digits 629104150021 end with a 3. */
    private static final String EXAMPLE = "6291041500213";

    @Test
    public void theLastDigitFollowsFromTheOthers() {
        assertFalse(Barcode.isMisread(EXAMPLE));
        for (int last = 0; last <= 9; last++) {
            assertEquals(Barcode.isMisread("629104150021" + last), last != 3);
        }
        assertFalse(Barcode.isMisread("RV-20"));
        assertFalse(Barcode.isMisread("481010438415"), "it may be a maker's own number");
        assertFalse(Barcode.isTradeNumber("481010438415"));
    }

    /** That is what the last digit is for. */
    @Test
    public void anyOneDigitThatIsTypedWronglyIsSeen() {
        var random = new Random(7);
        for (int i = 0; i < EXAMPLE.length(); i++) {
            int right = EXAMPLE.charAt(i) - '0';
            int wrong = (right + 1 + random.nextInt(9)) % 10;
            assertTrue(Barcode.isMisread(EXAMPLE.substring(0, i) + wrong + EXAMPLE.substring(i + 1)), i + " " + wrong);
        }
    }

    @Test
    public void allFormsOfANumberAreOne() {
        assertEquals(Barcode.of(" 6 291041 500213 "), EXAMPLE);
        assertEquals(Barcode.of("0" + EXAMPLE), EXAMPLE);
        assertEquals(Barcode.of("614141000036"), "0614141000036");
        assertEquals(Barcode.of("00614141000036"), "0614141000036");
        assertEquals(Barcode.of("96385074"), "96385074", "eight digits are a number of its own");
        assertEquals(Barcode.of("481010438415"), "481010438415", "a maker's own stays as it is");
        assertEquals(Barcode.of(" RV-20 "), "RV-20");
    }
}
