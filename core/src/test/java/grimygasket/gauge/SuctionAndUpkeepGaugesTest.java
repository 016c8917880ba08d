package grimygasket.gauge;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;

public class SuctionAndUpkeepGaugesTest {
    private static GaugeBench suction(String inlet) {
        return GaugeBench.at("sealed-suction").type("inlet", inlet);
    }

    @Test
    public void strongAtTheInletAndWeakAtTheHeadIsTheWand() {
        assertEquals(suction("19").verdict(), Verdict.GOOD);
        assertEquals(suction("8").verdict(), Verdict.BAD);
        var wand = suction("19").type("head", "6");
        assertEquals(wand.verdict(), Verdict.BAD);
        assertTrue(
                wand.judge().sentence().contains("neck, wand or hose"),
                wand.judge().sentence());
        // 80 inH₂O are 19.93 kPa.
        assertEquals(GaugeBench.at("sealed-suction").us().type("inlet", "80").verdict(), Verdict.GOOD);
    }

    @Test
    public void airPowerIsTheStandardsFormula() {
        // ASTM F558: 0.117354 · 50 ft³/min · 20 inH₂O = 117.354 W.
        var us = GaugeBench.at("air-power").us().type("flow", "50").type("suction", "20");
        assertEquals(us.result("Air power"), 117.354, 1e-6);
        var metric = GaugeBench.at("air-power").type("flow", "84.950541").type("suction", "4.98164");
        assertEquals(metric.result("Air power"), 117.354, 1e-6);
        assertEquals(us.verdict(), Verdict.GOOD);
    }

    @Test
    public void aFilterIsAsOpenAsTheSuctionThroughItSays() {
        // Open by 0.1: (1 + 100)/2 = 50.5 times the resistance: 16/(16 + 20.2 + 0.5) over 16/16.9 = 0.4605.
        var loaded = GaugeBench.at("filter-loading").type("with", "9.21").type("without", "20");
        assertEquals(loaded.result("Filter, open by"), 0.1, 1e-3);
        assertEquals(loaded.verdict(), Verdict.BAD);
        var clean = GaugeBench.at("filter-loading").type("with", "20").type("without", "20");
        assertEquals(clean.result("Filter, open by"), 1.0);
        assertTrue(GaugeBench.at("filter-loading")
                .type("with", "20")
                .type("without", "9")
                .refusal("without")
                .contains("swapped"));
    }

    @Test
    public void blockingIsFarFromLinear() {
        // A drain: half blocked, r = 1.6: √(4 / 4.6) = 93 %; 80 % blocked, r = 5.8: √(4 / 8.8) = 67 %; 95 %: √(4 /
        // 83.8).
        var drain = GaugeBench.at("occlusion").type("blocked", "50");
        assertEquals(drain.result("Flow that is left"), 0.9325, 1e-4);
        assertEquals(drain.result("At 80% blocked"), 0.6742, 1e-4);
        assertEquals(drain.result("At 95% blocked"), 0.2185, 1e-4);
        assertEquals(drain.type("blocked", "100").result("Flow that is left"), 0.0);
        assertEquals(drain.type("blocked", "0").result("Flow that is left"), 1.0);
        // The mains do not give way: half blocked, r = 2: √½.
        var fill = GaugeBench.at("occlusion").type("path", "fill").type("blocked", "50");
        assertEquals(fill.result("Flow that is left"), Math.sqrt(0.5), 1e-12);
        assertEquals(
                drain.type("blocked", "120").refusal("blocked"),
                "Blocked lies between 0 and 100%, so 120% is a slip of the finger, or of the unit.");
    }

    @Test
    public void theNextTimeIsByWhatIsFound() {
        // 90 days · ½ / ½ = 90, blended with 90.
        var next = GaugeBench.at("next-time").type("found", "50");
        assertEquals(next.result("Next time in"), 90, 1e-9);
        assertEquals(next.result("Or after so many loads"), 90.0 / 7 * 5, 1e-9);
        // 90 · ½ / 0.9 = 50 days, seen three times: (90 · 50³)^¼.
        var dirty = GaugeBench.at("next-time").type("found", "90").type("times", "3");
        assertEquals(dirty.result("Next time in"), Math.pow(90 * 50.0 * 50 * 50, 0.25), 1e-9);
        assertEquals(dirty.verdict(), Verdict.BAD);
        assertEquals(dirty.type("limit", "30").result("Next time in"), 30.0, "the limit wins");
    }

    @Test
    public void repairIsSetAgainstANewOne() {
        var worth = GaugeBench.at("repair-or-replace").type("cost", "150").type("price", "600");
        assertEquals(worth.result("Repair, for each year"), 27, 1e-9);
        assertEquals(worth.verdict(), Verdict.GOOD);
        assertEquals(worth.type("age", "11").verdict(), Verdict.BAD);
        assertEquals(worth.type("age", "8").type("cost", "180").verdict(), Verdict.CANNOT_TELL);
    }

    @Test
    public void theCustomerIsToldAPriceToTheCent() {
        // (20 + 160 + 90)/6 = 45 min: 49.50 and 45.00, and a part of 19.95 · 1.2 = 23.94; 118.44 · 1.2 = 142.13.
        var price = GaugeBench.at("minutes-and-money").type("parts", "19.95");
        assertEquals(price.result("Expected time"), 45, 1e-9);
        assertEquals(price.result("Expected price"), 142.13, 1e-9);
        assertTrue(price.result("Nine of ten stay under") > 142.13);
        assertEquals(
                price.type("likely", "10").refusal("least"), "Minutes must rise from shortest over likely to longest.");
    }
}
