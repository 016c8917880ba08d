package grimygasket.call;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.call.change.CallOfTest;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.testng.annotations.Test;

public class FittingTest {
    private static Article part(String number) {
        return new Article(UUID.randomUUID(), number, number, "pump", BigDecimal.TEN, 1, "", null);
    }

    @Test
    public void aMakersMachinesTakeItsPartsAndThoseOfAnyMaker() {
        var anys = part("A-1");
        var theirs = part("C-1");
        var others = part("H-1");
        var shelf = List.of(new Fitting(null, anys), new Fitting("Corvanne", theirs), new Fitting("Halverton", others));
        assertEquals(Fitting.of(shelf, "CORVANNE"), List.of(anys, theirs));
        assertEquals(Fitting.of(shelf, ""), List.of(anys));
    }

    @Test
    public void aPacketSaysItsCodeAndALabelItsNumber() {
        var shelf = CallOfTest.KNOWHOW.shelf();
        assertEquals(Article.scanned(shelf, "rv-20").map(Article::id).orElseThrow(), CallOfTest.VALVE);
        assertEquals(Article.scanned(shelf, "06291041500213").map(Article::id).orElseThrow(), CallOfTest.VALVE);
        assertTrue(Article.scanned(shelf, "").isEmpty());
        assertTrue(Article.scanned(List.of(part("HC-19")), "").isEmpty(), "what has no code is no code's");
    }
}
