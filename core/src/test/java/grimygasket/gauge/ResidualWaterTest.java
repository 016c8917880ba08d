package grimygasket.gauge;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.gauge.water.ResidualWater;
import grimygasket.pack.machine.StandingWater;
import java.util.List;
import org.testng.annotations.Test;

public class ResidualWaterTest {
    /** A drum of 0.2 m² at the surface, and two litres in hoses and pump. */
    private static final StandingWater DRUM = new StandingWater("How high?", 0.2, 2, 40, List.of());

    @Test
    public void isTubAreaTimesLevelPlusHoses() {
        // 0.2 m² · 0.11 m = 22 L.
        assertEquals(ResidualWater.of(DRUM, 11).litres(), 24, 1e-9);
        assertEquals(ResidualWater.of(DRUM, 0).litres(), 2, 1e-9, "hoses hold some even when the drum looks empty");
    }

    @Test
    public void saysHowOftenThePanIsFull() {
        assertEquals(ResidualWater.of(DRUM, 11).fills(1.5), 16);
        assertEquals(ResidualWater.of(DRUM, 11).fills(24), 1);
        assertEquals(ResidualWater.of(DRUM, 11).fills(23.9), 2);
    }

    @Test
    public void whatCannotBeIsRefusedWithTheValue() {
        assertTrue(expectThrows(IllegalArgumentException.class, () -> ResidualWater.of(DRUM, -1))
                .getMessage()
                .contains("-1"));
        assertTrue(expectThrows(IllegalArgumentException.class, () -> ResidualWater.of(DRUM, 41))
                .getMessage()
                .contains("0 to 40 cm"));
        expectThrows(IllegalArgumentException.class, () -> ResidualWater.of(DRUM, Double.NaN));
        expectThrows(
                IllegalArgumentException.class, () -> ResidualWater.of(DRUM, 1).fills(0));
        expectThrows(IllegalArgumentException.class, () -> new StandingWater("How high?", 0, 2, 40, List.of()));
    }
}
