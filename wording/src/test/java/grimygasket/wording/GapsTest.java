package grimygasket.wording;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.visit.ring.Gap;
import grimygasket.visit.ring.Gap.Kind;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class GapsTest {
    @DataProvider
    Object[][] kinds() {
        return Arrays.stream(Kind.values()).map(kind -> new Object[] {kind}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "kinds")
    public void everyGapIsASentence(Kind kind) {
        var second = kind == Kind.NOT_SEEN ? "DRY" : "Kick plate";
        var said = say(kind, "Pump", second, "A", "B");
        assertTrue(said.matches("[A-Z“].*\\."), said);
    }

    @DataProvider
    Object[][] sentences() {
        return new Object[][] {
            {say(Kind.PIECES, "Kick plate", "Basket"), "Not on the tray: Kick plate, Basket."},
            {
                say(Kind.COMES_BACK, "Fit the cut-out", "Duct", "Vane"),
                "“Fit the cut-out” comes back while what brings it is neither cleared nor cured: duct; vane."
            },
            {say(Kind.PART, "Pump", "Replace"), "No pump is counted for “Replace”."},
            {say(Kind.SCREWS_OVER, "1", "Plate", "A"), "1 screw of “Plate” over, cup A."},
            {say(Kind.SCREWS_OVER, "2", "Plate", ""), "2 screws of “Plate” over."},
            {say(Kind.NOT_SEEN, "Spray arm", "LOCKED"), "Spray arm: not seen yet that it is locked."},
            {say(Kind.HEATER_UP, ""), "The home's water heater is still turned up."},
            {say(Kind.WATER_OFF, "tap under the sink"), "The water is still shut off: tap under the sink."},
            {say(Kind.RUNS, "It drains", "1", "2"), "“It drains” was seen 1 of 2 times."},
            {say(Kind.BESIDE_BAND, "It drains", "9 L", "3 L", "5 L"), "“It drains”: 9 L now, wanted 3 L to 5 L."},
            {
                say(Kind.NO_BETTER, "It drains", "1.5 L", "1.25 L"),
                "“It drains”: no better than before, 1.5 L then and 1.25 L now."
            },
            {say(Kind.NOT_GIVEN_BACK, "2", "coin"), "Not given back: 2 × coin."},
        };
    }

    @Test(dataProvider = "sentences")
    public void aGapSpeaksOfWhatItIsAbout(String said, String wanted) {
        assertEquals(said, wanted);
    }

    private static String say(Kind kind, String... about) {
        return Gaps.say(new Gap(kind, List.of(about)));
    }
}
