package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.pack.KindKnowhow;
import grimygasket.pack.PackException;
import grimygasket.pack.Tools;
import grimygasket.pack.machine.Rating;
import grimygasket.pack.soundness.Soundness;
import java.util.List;
import org.testng.annotations.Test;

/** Models that differ from their kind. */
public class FamilyTest {
    private final KnowhowText shipped = Shipped.texts("dishwasher");

    private static KindKnowhow read(KnowhowText texts) {
        return Shipped.reader().read("dishwasher", texts);
    }

    private KindKnowhow with(String changes) {
        var at = shipped.pack().indexOf("families:");
        var family = """
                families:
                  - id: tilting
                    name: Tilting
                    maker: Corvanne
                    models: [T-1]
                    changes: %s
                """.formatted(changes);
        return read(new KnowhowText(shipped.pack().substring(0, at) + family, shipped.codes()));
    }

    @Test
    public void onlyWhatIsNamedDiffersAndToolsFollow() {
        var kind = read(shipped);
        var lagoon = kind.of("Ostrelle", "Lagoon 3").pack();
        assertEquals(lagoon.ratings().get(Rating.FILL_VOLUME), 3.2);
        assertEquals(
                lagoon.ratings().get(Rating.DRAIN_HEAD), kind.pack().ratings().get(Rating.DRAIN_HEAD));
        assertTrue(Tools.of(kind.pack()).checks().get("impeller").contains("T20 driver"));
        assertFalse(Tools.of(lagoon).checks().get("impeller").contains("T20 driver"), "its cover has no screw");
        assertEquals(lagoon.faults(), kind.pack().faults());
        assertTrue(kind.family("Ostrelle", "Grotto").isEmpty());
    }

    @Test
    public void whatDiffersIsSaidPieceByPiece() {
        var tree = PackReader.tree(shipped.pack());
        var dw6 = read(shipped).family("Corvanne", "DW-610 S").orElseThrow();
        var changes = Comparison.of(tree, Overlay.of(dw6, tree));
        assertEquals(
                changes.stream().map(Comparison.PieceChange::piece).toList(),
                List.of("ratings", "sump-cover", "kick-plate", "drain-pump"));
        assertTrue(
                changes.get(2)
                        .details()
                        .contains("pieces drain-pump turn: a quarter turn to the left, behind its catch"
                                + " → an eighth turn to the right, its catch pressed"),
                changes.toString());
    }

    @Test
    public void aChangeThatChangesNothingThereIsRefused() {
        var unknown = expectThrows(PackException.class, () -> with("{checks: {no-such: {minutes: 3}}}"));
        assertEquals(unknown.problems().get(0), "family tilting: checks no-such is not in the kind’s pack");
        var gone = expectThrows(PackException.class, () -> with("{checks: {impeller: null}}"));
        assertEquals(gone.problems().get(0), "family tilting: checks impeller cannot be taken out");
    }

    @Test
    public void aFamilyIsHeldAgainstTheSameDangersAsItsKind() {
        assertEquals(Soundness.dangers(with("{parts: {heater: {price: 71}}}")), List.of());
        var dangers = Soundness.dangers(with("{checks: {impeller: {steps: [Turn it.]}}}"));
        assertTrue(dangers.toString().contains("Tilting: "), dangers.toString());
    }

    @Test
    public void whatGuardsAgainstHarmIsNeverTakenAway() {
        for (var change : new String[] {
            "{layers: {sump-cover: {cautions: []}}}",
            "{layers: {sump-cover: {cautions: null}}}",
            "{remedies: {wiring-licensed: {licensed: null}}}",
            "{cautions: {shock: {text: Never mind.}}}"
        }) {
            var refused = expectThrows(PackException.class, () -> with(change));
            assertTrue(refused.problems().get(0).endsWith("it guards against harm"), refused.problems() + change);
        }
        with("{layers: {sump-cover: {cautions: [shock, glass]}}}");
    }

    @Test
    public void aVersionThatChangesOnlyAFamilyDiffers() {
        var changes = Comparison.of(with("{parts: {heater: {price: 71}}}"), with("{parts: {heater: {price: 72}}}"));
        assertEquals(
                changes,
                List.of(new Comparison.PieceChange(
                        "family tilting, parts", "heater", Comparison.Difference.CHANGED, List.of("price: 71 → 72"))));
    }

    @Test
    public void whatBreaksTheFormIsNamedWithItsFamily() {
        var bad = expectThrows(PackException.class, () -> with("{faults: {filter-clogged: {rate: 4}}}"));
        assertTrue(
                bad.problems().get(0).startsWith("family tilting: fault filter-clogged, rate: "),
                bad.problems().toString());
    }
}
