package grimygasket.pack;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import grimygasket.diagnosis.Packs;
import grimygasket.pack.evidence.Measure.Level;
import grimygasket.pack.evidence.Measure.Plate;
import grimygasket.pack.machine.Rating;
import grimygasket.pack.machine.Ratings;
import java.util.Map;
import org.testng.annotations.Test;

public class LevelTest {
    private static final Pack PACK = new Packs()
            .rating(Rating.SUPPLY_VOLTAGE, 230)
            .rating(Rating.ELEMENT_POWER, 2000)
            .build();

    @Test
    public void anElementFollowsItsPlate() {
        var usual = new Level(26.45, 2.0, 0, Plate.ELEMENT);
        assertEquals(usual.on(PACK.ratings(Map.of())).mean(), 230.0 * 230 / 2000, 1e-9);
        var small = usual.on(PACK.ratings(Map.of(Rating.SUPPLY_VOLTAGE, 120.0, Rating.ELEMENT_POWER, 1200.0)));
        assertEquals(small.mean(), 12, 1e-9);
        assertEquals(small.spread(), 2.0 * 12 / 26.45, 1e-9);
    }

    @Test
    public void theMainsOfARegionGoBeforeWhatIsUsualAndThePlateBeforeThem() {
        var usual = new Level(26.45, 2.0, 0, Plate.ELEMENT);
        var region = PACK.ratings(Map.of()).on(120);
        assertEquals(usual.on(region).mean(), 120.0 * 120 / 2000, 1e-9);
        var plate = PACK.ratings(Map.of(Rating.SUPPLY_VOLTAGE, 230.0)).on(120);
        assertEquals(usual.on(plate).mean(), 230.0 * 230 / 2000, 1e-9);
        expectThrows(
                IllegalArgumentException.class, () -> PACK.ratings(Map.of()).on(12));
    }

    @Test
    public void aPumpIsWoundForItsMainsUnlessItsPlateSaysItsOhms() {
        var usual = new Level(170, 40, 0, Plate.PUMP);
        assertEquals(usual.on(PACK.ratings(Map.of())).mean(), 170, 1e-9);
        assertEquals(usual.on(PACK.ratings(Map.of()).on(115)).mean(), 170.0 / 4, 1e-9);
        var plate = PACK.ratings(Map.of(Rating.PUMP_RESISTANCE, 140.0)).on(115);
        assertEquals(usual.on(plate).mean(), 140, 1e-9);
    }

    @Test
    public void whatFollowsFromNoPlateStaysAndSoDoesWhatIsNotKnown() {
        var plain = new Level(54, 3, 0, null);
        assertEquals(plain.on(PACK.ratings(Map.of())), plain);
        var element = new Level(26.45, 2.0, 0, Plate.ELEMENT);
        assertEquals(element.on(Ratings.NONE), element);
    }
}
