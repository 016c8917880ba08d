package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.belief.Causes;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.ReadingTaken;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.units.Amount;
import grimygasket.units.Quantity;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;

/** What a reading at a dryer's outlet says about the air that a blown cut-out asks for. */
public class CausesByReadingTest {
    private static final Finding HOOD_STRONG = new CheckMade("hood-look", "strong");

    private static List<String> open(Finding... findings) {
        var pack = Shipped.knowhow("tumble-dryer").pack();
        var machine = Machine.of(pack, Set.of("vented", "heater"), Map.of());
        return Causes.open(pack, machine, List.of(findings), pack.remedy("replace-cut-out"));
    }

    private static Finding outlet(double celsius) {
        return new ReadingTaken("exhaust-temperature", new Amount(Quantity.TEMPERATURE, celsius, 0.8));
    }

    @Test
    public void anOutletAsColdAsTheRoomSaysNothingAgainstTheAir() {
        var cleared = open(HOOD_STRONG);
        assertFalse(cleared.contains("flap-stuck"), cleared.toString());
        assertEquals(open(HOOD_STRONG, outlet(20)), cleared);
    }

    @Test
    public void oneThatIsTooHotOpensItAgain() {
        assertTrue(open(HOOD_STRONG, outlet(95)).contains("flap-stuck"));
    }

    private static Finding towel(double grams) {
        return new ReadingTaken("damp-towel", new Amount(Quantity.WEIGHT, grams, 3));
    }

    /** Ten minutes without heat take out hardly anything; a blocked duct still lets half of it through. */
    @Test
    public void aTowelThatStaysWetSaysNothingAgainstTheAir() {
        var cleared = open(HOOD_STRONG);
        assertEquals(open(HOOD_STRONG, towel(8)), cleared);
        assertEquals(open(HOOD_STRONG, towel(26)), cleared);
        assertTrue(open(HOOD_STRONG, towel(70)).contains("flap-stuck"));
    }
}
