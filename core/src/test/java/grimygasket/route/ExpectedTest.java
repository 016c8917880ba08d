package grimygasket.route;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.Random;
import org.testng.annotations.Test;

/** Times that are not known for certain, and ways between places. */
public class ExpectedTest {
    private static final double QUANTILE_975 = 1.959963985;

    @Test
    public void theNormalDistributionIsThatOfTheTables() {
        assertEquals(Normal.cumulative(0), 0.5, 1e-7);
        assertEquals(Normal.cumulative(QUANTILE_975), 0.975, 1e-7);
        assertEquals(Normal.cumulative(-QUANTILE_975), 0.025, 1e-7);
        assertEquals(Normal.density(0), 0.398942280, 1e-9);
    }

    @Test
    public void whoMayBeEarlyWaitsAndIsLaterOnAverageThanEither() {
        var random = new Random(7);
        var arrives = new Expected(600, 144);
        var begins = arrives.notBefore(605);
        double sum = 0;
        double squares = 0;
        int drawn = 400_000;
        for (int i = 0; i < drawn; i++) {
            double one = Math.max(605, 600 + 12 * random.nextGaussian());
            sum += one;
            squares += one * one;
        }
        double mean = sum / drawn;
        assertEquals(begins.mean(), mean, 0.1);
        assertEquals(begins.variance(), squares / drawn - mean * mean, 0.5);
        assertTrue(begins.mean() > 605);
    }

    @Test
    public void whatIsCertainStaysSo() {
        var at = new Expected(600, 0);
        assertEquals(at.notBefore(580).mean(), 600.0);
        assertEquals(at.notBefore(620).mean(), 620.0);
        assertEquals(at.after(590), 10.0);
        assertEquals(at.after(610), 0.0);
        assertEquals(at.chanceAfter(599), 1.0);
        assertEquals(at.chanceAfter(600), 0.0);
    }

    @Test
    public void aDegreeIsAsLongAsItIsThere() {
        var equator = new Location(0, 0);
        assertEquals(equator.kilometres(new Location(1, 0)), 111.2, 0.1);
        assertEquals(equator.kilometres(new Location(0, 1)), 111.2, 0.1);
        assertEquals(
                new Location(60, 0).kilometres(new Location(60, 1)), 55.6, 0.1, "half as long half-way to the pole");
        assertEquals(new Location(10, 179.5).kilometres(new Location(10, -179.5)), 109.5, 0.1, "across the date line");
        assertThrows(IllegalArgumentException.class, () -> new Location(91, 0));
        assertThrows(IllegalArgumentException.class, () -> new Location(0, Double.NaN));
    }

    @Test
    public void aDriveTakesLongerTheFartherAndTheUsualTimeWhereNobodyKnows() {
        var home = new Location(54, 2);
        var near = new Location(54.01, 2);
        var far = new Location(54.1, 2);
        assertEquals(Driving.minutes(home, home), 0.0);
        assertTrue(Driving.minutes(home, near) < Driving.minutes(home, far));
        assertEquals(Driving.minutes(home, near), Driving.minutes(near, home), 1e-9);
        assertEquals(Driving.minutes(home, null), Driving.minutes(null, far));
    }

    @Test
    public void aWindowEndsAfterItBegins() {
        assertThrows(IllegalArgumentException.class, () -> new Window(600, 599));
        assertThrows(IllegalArgumentException.class, () -> new Window(-1, 10));
        assertThrows(IllegalArgumentException.class, () -> new Window(0, 1440));
    }
}
