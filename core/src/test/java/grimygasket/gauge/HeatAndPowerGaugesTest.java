package grimygasket.gauge;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class HeatAndPowerGaugesTest {
    private static GaugeBench dryer(String speed) {
        return GaugeBench.at("dryer-heat").type("speed", speed);
    }

    @Test
    public void theVaneMetersSpeedIsFlowAndTheElementWarmsIt() {
        // 6 m/s through 100 mm: 169.6 m³/h, warmed by 2500/(1.2·1005·0.04712) = 44.0 °C.
        assertEquals(dryer("6").result("Air"), 169.65, 0.01);
        assertEquals(dryer("6").result("The element warms it by"), 43.99, 0.02);
        assertEquals(dryer("6").verdict(), Verdict.GOOD);
        assertEquals(dryer("2").verdict(), Verdict.BAD);
        assertEquals(dryer("0").judge().sentence(), "No air at all: do not run it with heat.");
    }

    @Test
    public void feetAMinuteGiveCubicFeet() {
        // 1000 ft/min through 4 in: 87.3 ft³/min.
        var us = GaugeBench.at("dryer-heat").us().type("speed", "1000").type("diameter", "4");
        assertEquals(us.result("Air") / 1.69901082, 87.27, 0.01);
    }

    @Test
    public void anOutletThatIsTooHotIsBadHoweverWellTheAirMoves() {
        var stuck = dryer("6").type("room", "20").type("outlet", "95");
        assertEquals(stuck.verdict(), Verdict.BAD);
        assertTrue(
                stuck.judge().sentence().startsWith("Too hot: off at once."),
                stuck.judge().sentence());
        // 170 m³/h and 2500 W make 44 K; 60 °C from 10 °C would be 50 K, 70 °C from 0 °C are more than it can give.
        assertEquals(dryer("6").type("room", "10").type("outlet", "60").verdict(), Verdict.GOOD);
        assertEquals(dryer("6").type("room", "0").type("outlet", "70").verdict(), Verdict.BAD);
    }

    @Test
    public void airThatStaysColdIsNotCuredByMoreAir() {
        var cold = dryer("6").type("room", "20").type("outlet", "22");
        assertEquals(cold.verdict(), Verdict.BAD);
        assertTrue(
                cold.judge().sentence().contains("never bridged"), cold.judge().sentence());
        assertEquals(dryer("6").type("room", "20").refusal("outlet"), "Both or neither: room and outlet.");
    }

    @Test
    public void bendsCountAsStraightDuct() {
        // Field guide: 3 + 2 · 1.5 + 1 · 0.75.
        var duct = GaugeBench.at("duct-length")
                .type("straight", "3")
                .type("quarter", "2")
                .type("eighth", "1");
        assertEquals(duct.result("Counts as straight duct"), 6.75, 1e-9);
        assertEquals(duct.verdict(), Verdict.WATCH);
        assertEquals(duct.type("diameter", "200").result("Counts as straight duct"), 10.5, 1e-9);
        assertEquals(duct.verdict(), Verdict.BAD);
        var us = GaugeBench.at("duct-length").us().type("straight", "10").type("diameter", "4");
        assertEquals(us.result("Counts as straight duct"), 3.048, 1e-9);
    }

    @Test
    public void dryingTakesAsLongAsTheAirCarriesOff() {
        // Air leaving at 40 °C and 85 % holds 0.622·6.276/(101.325 − 6.276) = 41.1 g/kg, the room's 7.3: 33.8 g for
        // each of
        // the 2 kg a minute.
        var time = GaugeBench.at("drying-time")
                .type("water", "2")
                .type("flow", "100")
                .type("outlet", "40")
                .type("power", "5000");
        assertEquals(time.result("Takes"), 2 / (2 * 0.0338), 0.3);
        assertEquals(time.verdict(), Verdict.GOOD);
        assertTrue(time.type("outlet", "10").refusal("outlet").startsWith("Air that leaves no damper"));
    }

    @Test
    public void nothingDriesFasterThanItsHeatAllows() {
        // 3 kg × 2.45 MJ/kg ÷ 2500 W = 49 min, though so much warm air would carry it off in less.
        var time = GaugeBench.at("drying-time")
                .type("water", "3")
                .type("flow", "300")
                .type("outlet", "60")
                .type("power", "2500");
        assertEquals(time.result("Takes"), 49, 0.01);
    }

    private static GaugeBench legs(String across, String first, String second) {
        return GaugeBench.at("legs").type("across", across).type("first", first).type("second", second);
    }

    @DataProvider
    public Object[][] supplies() {
        return new Object[][] {
            {legs("240", "120", "120"), Verdict.GOOD, "Both legs are there."},
            {legs("0", "120", "0"), Verdict.BAD, "The second leg is lost"},
            {legs("0", "0", "118"), Verdict.BAD, "The first leg is lost"},
            {legs("0", "0", "0"), Verdict.BAD, "Neither leg"},
            {legs("3", "120", "120"), Verdict.WATCH, "not across"},
        };
    }

    @Test(dataProvider = "supplies")
    public void theLostLegIsNamed(GaugeBench legs, Verdict verdict, String said) {
        assertEquals(legs.verdict(), verdict);
        assertTrue(legs.judge().sentence().contains(said), legs.judge().sentence());
    }

    @Test
    public void legsThatDoNotAddUpAreMeasuredAgain() {
        assertTrue(legs("238", "120", "0").refusal("across").startsWith("Across both legs there cannot be more"));
    }

    @Test
    public void theElementsPowerGoesWithTheSquareOfTheVoltage() {
        assertEquals(legs("240", "120", "120").result("The element gets"), 5000, 1e-9);
        assertEquals(legs("120", "120", "120").result("The element gets"), 1250, 1e-9);
        assertEquals(legs("0", "120", "0").result("The element gets"), 0.0);
    }

    private static GaugeBench element(String ohms) {
        return GaugeBench.at("element").type("ohms", ohms);
    }

    @Test
    public void anElementIsJudgedByVoltageSquaredOverPower() {
        // 230²/2500 = 21.16 Ω.
        assertEquals(element("21.16").result("Makes"), 2500, 1e-9);
        assertEquals(element("21.2").verdict(), Verdict.GOOD);
        assertTrue(element("1000000").judge().sentence().contains("open"));
        assertTrue(element("5").judge().sentence().contains("Too low"));
        assertTrue(element("40").judge().sentence().contains("Too high"));
        assertEquals(element("24.5").verdict(), Verdict.CANNOT_TELL);
        assertEquals(element("0").verdict(), Verdict.BAD);
        assertTrue(element("21").type("cutout", "open").judge().sentence().contains("never bridged"));
    }

    @Test
    public void aBatteryRunsByItsCharge() {
        // 2.5 Ah · 21.6 V · 0.9 / 120 W = 24.3 min.
        var run = GaugeBench.at("run-time").type("minutes", "12");
        assertEquals(run.result("New, it runs"), 24.3, 1e-9);
        assertEquals(run.result("Of its charge is left"), 12 / 24.3, 1e-9);
        assertEquals(run.verdict(), Verdict.BAD);
        assertEquals(run.type("minutes", "24").verdict(), Verdict.GOOD);
    }
}
