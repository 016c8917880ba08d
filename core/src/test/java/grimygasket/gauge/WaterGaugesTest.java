package grimygasket.gauge;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.gauge.water.Hardness;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class WaterGaugesTest {
    /** With a hose of 2 m and 19 mm, k = 0.001113: Q² = 1.2 / (0.005 + 0.001113) = 196.3, Q = 14.01 L/min. */
    private static final double NORMAL = 14.01;

    private static GaugeBench drain(String litres, String seconds) {
        return GaugeBench.at("drain-pump").type("litres", litres).type("seconds", seconds);
    }

    @Test
    public void drainedLitresOverSecondsAreTheFlow() {
        assertEquals(drain("3.5", "15").result("Flow"), 14, 1e-9);
        assertEquals(drain("3.5", "15").result("Share of the normal flow"), 14 / NORMAL, 1e-3);
        assertEquals(drain("3.5", "15").verdict(), Verdict.GOOD);
    }

    @Test
    public void gallonsAndFeetGiveTheSame() {
        var us = GaugeBench.at("drain-pump").us().type("litres", "0.5").type("seconds", "20");
        assertEquals(us.result("Flow"), 0.5 * 3.785411784 * 3, 1e-9);
        assertTrue(
                us.judge().arithmetic().get(0).contains("0.5 gal ÷ 20 s = 1.5 gal/min"),
                us.judge().toString());
        var feet = GaugeBench.at("drain-pump")
                .us()
                .type("litres", "0.5")
                .type("seconds", "20")
                .type("lift", "2.6246719");
        assertEquals(feet.result("Share of the normal flow"), us.result("Share of the normal flow"), 1e-6);
    }

    @Test
    public void halfOfTheFlowIsExplainedByOneNarrowPlace() {
        // r = (1.2/49 − 0.005)/0.001113 = 17.51; a = 1/√(1 + 5·16.51) = 0.1094.
        var half = drain("3.5", "30");
        assertEquals(half.result("One narrow place, open by"), 0.1094, 5e-4);
        assertEquals(drain("3.5", "60").verdict(), Verdict.BAD);
        assertEquals(drain("2.4", "15").verdict(), Verdict.WATCH);
    }

    @Test
    public void theOperatingPointIsOnThePumpsCurve() {
        var picture = drain("3.5", "30").judge().picture();
        var now = picture.marks().get(0);
        assertEquals(now.x(), 7, 1e-9);
        assertEquals(now.y(), 2 * (1 - 49.0 / 400), 1e-9);
        assertEquals(picture.curves().size(), 3);
    }

    @Test
    public void aLiftAboveThePumpsHeadIsRefusedWithASentence() {
        assertEquals(
                drain("3", "15").type("lift", "2.2").refusal("lift"),
                "This pump cannot lift water 2.2 m: its head is 2 m. Measure the height again, from the water in the "
                        + "machine to the hose's highest point.");
    }

    @DataProvider
    public Object[][] nonsense() {
        return new Object[][] {
            {"-3", "Water caught cannot be negative."},
            {"3,5", "Write “3.5”, with a point: a comma could part thousands just as well."},
            {"300", "Water caught lies between 0.05 and 60 L, so 300 L is a slip of the finger, or of the unit."},
            {"much", "“much” is not a number. Write digits alone, for example 3.5."},
            {"", "Enter a number: 0.05 to 60 L."},
        };
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseGetsASentenceAndTheOthersNone(String litres, String sentence) {
        var refused =
                expectThrows(UnfitReadings.class, () -> drain(litres, "15").judge());
        assertEquals(refused.problems().get("litres"), sentence);
        assertEquals(refused.problems().size(), 1);
    }

    @Test
    public void allThatIsWrongIsSaidAtOnce() {
        assertEquals(
                expectThrows(UnfitReadings.class, () -> drain("-1", "0").judge())
                        .problems()
                        .size(),
                2);
    }

    @Test
    public void waterThatIsLeftIsAreaTimesLevelAndHoses() {
        // 0.2 m² · 8 cm = 16 L, and 1 L in hoses; up to 20.2 L are eleven pans of 2 L.
        var left = GaugeBench.at("water-left").type("level", "8");
        assertEquals(left.result("Water"), 17, 1e-9);
        assertEquals(left.result("Pans, at most"), 11.0);
        assertEquals(left.verdict(), Verdict.BAD);
        assertEquals(GaugeBench.at("water-left").us().type("level", "2").result("Water"), 0.2 * 5.08 * 10 + 1, 1e-9);
        assertEquals(GaugeBench.at("water-left").type("level", "0").verdict(), Verdict.GOOD);
    }

    private static GaugeBench fill(String litres, String seconds) {
        return GaugeBench.at("fill").type("litres", litres).type("seconds", seconds);
    }

    @Test
    public void aWeakTapIsToldFromAClosedScreen() {
        assertEquals(fill("2", "12").result("The tap gives"), 10, 1e-9);
        assertEquals(fill("2", "12").verdict(), Verdict.GOOD);
        assertEquals(fill("2", "12").result("A fill takes"), 5.0 / 8, 1e-9, "no faster than it is rated");
        assertEquals(fill("0.5", "10").verdict(), Verdict.BAD);
        var screen = fill("2", "12").type("in", "1").type("inSeconds", "30");
        assertEquals(screen.verdict(), Verdict.BAD);
        assertTrue(
                screen.judge().sentence().contains("screen clogged"),
                screen.judge().sentence());
        var tap = fill("0.5", "10").type("in", "1").type("inSeconds", "30");
        assertTrue(
                tap.judge().sentence().contains("before screen and valve"),
                tap.judge().sentence());
        assertEquals(fill("2", "12").type("in", "1").refusal("inSeconds"), "Both or neither: litres and their time.");
    }

    private static GaugeBench hot(String temperature, String metres) {
        return GaugeBench.at("hot-supply").type("hot", temperature).type("length", metres);
    }

    @Test
    public void theFirstFillIsAMixOfWhatStoodInThePipe() {
        // π·(6.5 mm)²·15 m = 1.991 L at 18 °C, and 2.009 L at 55 °C: 36.6 °C.
        assertEquals(hot("55", "15").result("Run off first"), 1.991, 1e-3);
        assertEquals(hot("55", "15").result("First fill without running the tap"), 36.58, 0.01);
        assertEquals(hot("55", "15").verdict(), Verdict.GOOD);
        assertTrue(hot("55", "15").judge().sentence().contains("scalded"));
        assertEquals(hot("40", "15").verdict(), Verdict.BAD);
        // A pipe that holds more than a fill: all of it is cold.
        assertEquals(hot("55", "60").result("First fill without running the tap"), 18, 1e-9);
    }

    @Test
    public void theSupplyIsTheSameInFahrenheit() {
        var us = GaugeBench.at("hot-supply").us().type("hot", "120").type("length", "20");
        assertEquals(us.verdict(), Verdict.GOOD);
        assertEquals(us.result("Run off first"), Math.PI * 0.0065 * 0.0065 * 6.096 * 1000, 1e-6);
        assertEquals(
                GaugeBench.at("hot-supply")
                        .us()
                        .type("hot", "900")
                        .type("length", "20")
                        .refusal("hot"),
                "Hot tap, after a minute lies between 41 and 203 °F, so 900 °F is a slip of the finger, or of the unit.");
    }

    @Test
    public void hardnessIsReadInEveryScale() {
        // 10 gpg = 171 mg/L = 9.58 °dH = 17.1 °fH = 1.71 mmol/L, field guide.
        var line = GaugeBench.at("hardness").type("hardness", "10", "gpg").judge().arithmetic().stream()
                .filter(l -> l.startsWith("Hardness"))
                .findFirst()
                .orElseThrow();
        assertEquals(line, "Hardness: 171 mg/L = 10 gpg = 9.58 °dH = 17.1 °fH = 1.71 mmol/L");
        assertEquals(
                GaugeBench.at("hardness").type("hardness", "10", "bar").refusal("hardness"),
                "“bar” is no unit for this.");
    }

    @Test
    public void theDoseGoesByHardnessSoilAndLoad() {
        // 15 g · (1 + 150/600) · 1.3 · ½.
        var dose = GaugeBench.at("hardness")
                .type("hardness", "300")
                .type("soil", "heavy")
                .type("load", "50");
        assertEquals(dose.result("Detergent"), 15 * 1.25 * 1.3 * 0.5, 1e-9);
        assertEquals(dose.result("Rinse aid, of 1 to 6"), 5.0);
        assertEquals(Hardness.factor(0), 0.75);
        assertEquals(Hardness.factor(1000), 1.6);
        assertEquals(Hardness.rinseAid(1000), 6);
        assertEquals(dose.type("soil", "much").refusal("soil"), "Choose one of those shown.");
    }

    @Test
    public void whatIsNotAskedForHasNoProblem() {
        assertNull(
                GaugeBench.at("fill").type("litres", "-1").type("seconds", "10").refusal("in"));
    }
}
