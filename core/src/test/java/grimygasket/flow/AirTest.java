package grimygasket.flow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class AirTest {
    @Test
    public void airWarmsByPowerOverItsFlow() {
        // 2500 / (1.2 · 1005 · 170/3600) = 43.9 K; half the air, twice the rise.
        assertEquals(WarmAir.rise(2500, 170), 43.9, 0.05);
        assertEquals(WarmAir.rise(2500, 85), 2 * WarmAir.rise(2500, 170), 1e-9);
        assertEquals(WarmAir.rise(0, 170), 0.0);
    }

    @DataProvider
    public Object[][] steam() {
        // CRC Handbook, vapour pressure of water, kPa.
        return new Object[][] {{0, 0.6112}, {20, 2.339}, {40, 7.384}, {60, 19.94}, {80, 47.41}};
    }

    @Test(dataProvider = "steam")
    public void vapourPressureIsThatOfTheTables(double celsius, double kilopascals) {
        assertEquals(WarmAir.saturation(celsius), kilopascals, (celsius > 60 ? 0.012 : 0.005) * kilopascals);
    }

    @Test
    public void aRoomHoldsSevenGramsAKilogram() {
        // Psychrometric chart: 20 °C at half its humidity, 7.3 g/kg.
        assertEquals(1000 * WarmAir.waterPerKilogram(20, 0.5), 7.3, 0.1);
        assertEquals(WarmAir.waterPerKilogram(20, 0), 0.0);
    }

    @Test
    public void aDuctOf100MillimetresPassesTwentyEightAtAMetreASecond() {
        // π/4 · 0.01 m² · 3600.
        assertEquals(WarmAir.flow(1, 100), 28.27, 0.01);
        assertEquals(WarmAir.kilogramsPerMinute(170), 3.4, 1e-9);
    }

    @Test
    public void suctionFallsWithLoadingAndWithLeaks() {
        assertEquals(Suction.share(1, Suction.SOUND_BLEED), 1, 1e-12);
        double before = 1;
        for (double resistance : new double[] {5, 20, 100}) {
            double now = Suction.share(resistance, Suction.SOUND_BLEED);
            assertTrue(now < before, "at " + resistance);
            assertEquals(Suction.resistance(now), resistance, 1e-6 * resistance);
            before = now;
        }
        // 1/s² = 1: 1 / (1 + 0.4 + 0.5), over 16 / 16.9.
        assertEquals(Suction.share(1, 1), (1 / 1.9) / (16 / 16.9), 1e-12);
    }
}
