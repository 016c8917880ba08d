package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;

import grimygasket.call.Learnt;
import grimygasket.call.Learnt.Noted;
import grimygasket.pack.KindKnowhow;
import grimygasket.pack.Ways;
import grimygasket.pack.machine.Fastening;
import grimygasket.pack.machine.Screws;
import grimygasket.visit.line.WayFound;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What was learnt of a model as a family: machines of it are judged as they were by what was learnt. */
public class LearntFamilyTest {
    private static final Fastening FIVE =
            new Fastening(List.of(new Screws("T15", "", 0, 5, "", false)), null, List.of("eased up"), null);

    private static Learnt learnt(String way, String choice, String piece) {
        return Learnt.of(List.of(
                new Noted(1, "Rollo", new WayFound(way, choice), null, null),
                new Noted(2, "Rollo", null, piece, FIVE)));
    }

    private static KindKnowhow with(String kind, JsonNode family) {
        var shipped = Shipped.texts(kind);
        var text =
                new PackText(shipped.pack()).with("families", family.path("id").asString(), family);
        return Shipped.reader().read(kind, new KnowhowText(text.yaml(), shipped.codes()));
    }

    private static void sameAsLearnt(String kind, String maker, String model, Learnt learnt) {
        JsonNode written = PackReader.tree(Shipped.texts(kind).pack());
        var before = Shipped.reader().read(kind, Shipped.texts(kind));
        var family = LearntFamily.of(written, before.family(maker, model).orElse(null), maker, model, learnt);
        var after = with(kind, family);
        assertEquals(
                Ways.taken(after.of(maker, model).pack(), Map.of(), Map.of()).layers(),
                Ways.taken(before.of(maker, model).pack(), learnt.choices(), learnt.fastenings())
                        .layers());
        assertEquals(after.pack().layers(), before.pack().layers(), "other models stay as they are");
    }

    @Test
    public void aNewModelGetsAFamilyOfItsOwn() {
        sameAsLearnt(
                "washing-machine",
                "Corvanne",
                "Zephyr 5",
                learnt("pump-filter-way", "filter-at-the-back", "back-panel"));
    }

    @Test
    public void aPieceOfTheWayTakenIsChangedThere() {
        sameAsLearnt(
                "washing-machine", "Corvanne", "Zephyr 5", learnt("pump-filter-way", "filter-at-the-back", "pump"));
        sameAsLearnt("dishwasher", "Haldbeck", "H60", learnt("upper-rack-way", "rack-wheels", "upper-rack"));
    }

    @Test
    public void oneModelOfAFamilyLeavesTheOthersAsTheyAre() {
        var learnt = learnt("upper-rack-way", "rack-wheels", "cover");
        sameAsLearnt("dishwasher", "Ostrelle", "Lagoon 2", learnt);
        var written = PackReader.tree(Shipped.texts("dishwasher").pack());
        var before = Shipped.reader().read("dishwasher", Shipped.texts("dishwasher"));
        var after = with(
                "dishwasher",
                LearntFamily.of(
                        written, before.family("Ostrelle", "Lagoon 2").orElseThrow(), "Ostrelle", "Lagoon 2", learnt));
        assertEquals(
                after.of("Ostrelle", "Lagoon 3").pack().layers(),
                before.of("Ostrelle", "Lagoon 3").pack().layers());
        assertEquals(after.family("Ostrelle", "LAGOON-2").orElseThrow().id(), "ostrelle-lagoon-2");
    }
}
