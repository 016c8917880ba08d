package grimygasket.pack;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.diagnosis.Packs;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Code;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Power;
import grimygasket.pack.work.Part;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

public class PackTest {
    @Test
    public void namesEveryReferenceThatLeadsNowhereAtOnce() {
        var broken = new Packs()
                .fault(new Fault(
                        "a",
                        "A",
                        List.of("nowhere"),
                        0.1,
                        0,
                        null,
                        "no-caution",
                        List.of("!no-feature"),
                        Map.of(),
                        List.of()))
                .fault("a", 0.2)
                .symptom("symptom", 0.1, Map.of("ghost", 0.5))
                .layer("inner", "outer", 1, 1)
                .remedy("r", "no-layer", 5, null, Map.of("a", 0.9));
        var problems = expectThrows(PackException.class, broken::build).problems();
        assertEquals(
                problems,
                List.of(
                        "fault a is there twice",
                        "fault a names the feature or school no-feature, which does not exist",
                        "fault a names the caution no-caution, which does not exist",
                        "fault a names the station nowhere, which does not exist",
                        "symptom symptom names the fault ghost, which does not exist",
                        "remedy r names the layer no-layer, which does not exist",
                        "layer inner names the layer outer, which does not exist",
                        "layer inner must stand after the layer it lies within, outer"));
    }

    @Test
    public void namesTheBadValue() {
        var e = expectThrows(
                IllegalArgumentException.class,
                () -> new Fault("a", "A", List.of(), 1.2, 0, null, null, List.of(), Map.of(), List.of()));
        assertTrue(e.getMessage().contains("rate of fault a") && e.getMessage().contains("1.2"), e.getMessage());
        expectThrows(
                IllegalArgumentException.class,
                () -> new Fault("a", "A", List.of(), 0, 0, null, null, List.of(), Map.of(), List.of()));
        expectThrows(
                IllegalArgumentException.class,
                () -> new Symptom(
                        "s", "S", "S?", 1, Double.NaN, Map.of(), false, List.of(), List.of(), null, List.of()));
        expectThrows(
                IllegalArgumentException.class, () -> new Layer("l", "L", null, -1, 0, null, null, null, List.of()));
        expectThrows(IllegalArgumentException.class, () -> new Part("p", " ", false, false, 0));
    }

    @Test
    public void aCodeMustPointSomewhereInThePack() {
        expectThrows(
                IllegalArgumentException.class,
                () -> new Code("Maker", "kind", Code.Display.CODE, "E1", "Meaning", 0.1, Map.of(), Map.of(), ""));
        var pack = new Packs()
                .fault("a", 0.1)
                .remedy("r", null, 5, null, Map.of("a", 0.9))
                .build();
        var code = new Code(
                "Maker", "kind", Code.Display.CODE, "E1", "Meaning", 0.1, Map.of("b", 0.5), Map.of("s", 0.5), "");
        assertEquals(pack.problemsOf(code).size(), 2);
    }

    @Test
    public void whatAPackLeavesOutIsEmpty() {
        assertEquals(
                new Check(
                                "c",
                                "C",
                                null,
                                1,
                                null,
                                null,
                                0,
                                null,
                                null,
                                null,
                                twoOutcomes(),
                                null,
                                null,
                                null,
                                List.of(),
                                Power.EITHER,
                                List.of(),
                                null)
                        .tools(),
                List.of());
        expectThrows(
                IllegalArgumentException.class,
                () -> new Check(
                        "c",
                        "C",
                        null,
                        1,
                        null,
                        null,
                        0,
                        null,
                        null,
                        null,
                        List.of(),
                        null,
                        null,
                        null,
                        List.of(),
                        Power.EITHER,
                        List.of(),
                        null));
    }

    private static List<Outcome> twoOutcomes() {
        return List.of(
                new Outcome("x", "X", 0.1, null, null, 0, List.of(), null),
                new Outcome("y", "Y", 0, null, null, 0, List.of(), null));
    }

    @Test
    public void noMoreFaultsAndLayersThanCanBeWeighedTogether() {
        var packs = new Packs();
        for (int i = 0; i <= Pack.MOST_FAULTS; i++) {
            packs.fault("f" + i, 0.01);
        }
        for (int i = 0; i <= Pack.MOST_LAYERS; i++) {
            packs.layer("l" + i, null, 1, 1);
        }
        var refused = expectThrows(PackException.class, packs::build);
        assertEquals(
                refused.problems(),
                List.of(
                        "there are 64 faults, and at most 63 can be weighed together",
                        "there are 65 layers, and at most 64 can be weighed together"));
    }
}
