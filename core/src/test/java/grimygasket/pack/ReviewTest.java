package grimygasket.pack;

import static org.testng.Assert.assertEquals;

import grimygasket.diagnosis.Packs;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

public class ReviewTest {
    @Test
    public void saysWhatASoundPackLeavesUnsaid() {
        var pack = new Packs()
                .fault("known", 0.1)
                .fault("silent", 0.1)
                .sign("sign", 0.1, Map.of("known", 0.9))
                .sign("idle", 0.1, Map.of())
                .check("tells", null, 2, outcome("bad", Map.of("known", 0.9)), outcome("good", Map.of()))
                .check("says-nothing", null, 2, outcome("bad", Map.of("known", 0.05)), outcome("good", Map.of()))
                .layer("cover", null, 1, 1)
                .remedy("clean", null, 5, null, Map.of("known", 0.9))
                .build();
        assertEquals(
                Review.of(pack),
                List.of(
                        "Fault “silent” leaves no sign.",
                        "Fault “silent” is found by no check.",
                        "Fault “silent” is cured by no remedy.",
                        "Sign “idle” points to no fault.",
                        "Check “says-nothing” tells nothing apart.",
                        "Nothing uses the layer cover (“cover”)."));
    }

    @Test
    public void aCheckOfTheFlowFindsWhatBlocksUpToItsStation() {
        var path = new Path(
                "drain",
                "Drain",
                Path.Medium.WATER,
                List.of(new Station("sump", "Sump", List.of()), new Station("hose", "Hose", List.of())));
        var pack = new Packs()
                .path(path)
                .fault(new Fault("in-sump", "In sump", List.of("sump"), 0.1, 0.9, null, null, List.of()))
                .fault(new Fault("in-hose", "In hose", List.of("hose"), 0.1, 0.9, null, null, List.of()))
                .sign("sign", 0.1, Map.of("in-sump", 0.9, "in-hose", 0.9))
                .check(
                        "flow",
                        null,
                        2,
                        new Outcome("weak", "Weak", 0.02, Map.of(), "sump", 0.9),
                        outcome("full", Map.of()))
                .remedy("clean", null, 5, null, Map.of("in-sump", 0.9, "in-hose", 0.9))
                .build();
        assertEquals(Review.of(pack), List.of("Fault “In hose” is found by no check."));
    }

    private static Outcome outcome(String id, Map<String, Double> causes) {
        return new Outcome(id, id, 0.02, causes, null, 0);
    }
}
