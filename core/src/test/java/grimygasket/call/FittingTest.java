package grimygasket.call;

import static org.testng.Assert.assertEquals;

import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.testng.annotations.Test;

public class FittingTest {
    private static Article part(String number) {
        return new Article(UUID.randomUUID(), number, number, "pump", BigDecimal.TEN, 1);
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
}
