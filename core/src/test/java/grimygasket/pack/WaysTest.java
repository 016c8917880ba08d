package grimygasket.pack;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.diagnosis.Packs;
import grimygasket.pack.machine.Fastening;
import grimygasket.pack.machine.Hazard;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Piece;
import grimygasket.pack.machine.Screws;
import grimygasket.pack.machine.WayIn;
import grimygasket.pack.work.Caution;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;

/** A pump behind a flap in front on most models, and behind the back panel on others. */
public class WaysTest {
    private static final Piece FLAP = piece("flap", "T20", false);
    private static final Layer FRONT = layer("pump-place", null, 2, List.of(), List.of(), FLAP);
    private static final Layer AT_THE_BACK =
            layer("pump-place", "back", 6, List.of("wet"), List.of(Hazard.WATER), piece("pump", "T15", false));
    private static final WayIn PLACE = way(
            "place",
            null,
            new WayIn.Route("in-front", "In front", List.of(), List.of()),
            new WayIn.Route("at-the-back", "At the back", List.of(AT_THE_BACK), List.of()));
    private static final WayIn CATCH = way(
            "catch",
            null,
            new WayIn.Route("screws", "Screws", List.of(), List.of()),
            new WayIn.Route("tabs", "Tabs", List.of(), List.of(piece("flap", null, false))));

    private static Piece piece(String id, String drive, boolean optional) {
        var screws = drive == null ? List.<Screws>of() : List.of(new Screws(drive, "", 12, 2, "", false));
        return new Piece(
                id, id, screws, null, List.of(), null, false, false, optional, List.of(), List.of(), false, null);
    }

    private static Layer layer(
            String id, String within, double minutes, List<String> cautions, List<Hazard> exposes, Piece... pieces) {
        return new Layer(id, id, within, minutes, 1, cautions, List.of(pieces), null, exposes);
    }

    private static WayIn way(String id, String usual, WayIn.Route... routes) {
        return new WayIn(id, "How?", List.of(routes), usual);
    }

    private static Pack pack(WayIn... ways) {
        return new Packs()
                .layer(layer("back", null, 5, List.of(), List.of(), piece("panel", "T10", false)))
                .layer(FRONT)
                .caution(new Caution("wet", "Wet", "Lay a towel.", null, Hazard.WATER, List.of(), List.of("gloves")))
                .fault("jam", 0.05)
                .check(
                        "look",
                        "pump-place",
                        3,
                        Packs.outcome("jammed", 0, Map.of("jam", 0.9)),
                        Packs.outcome("free", 0, Map.of()))
                .remedy("clear", null, 5, null, Map.of("jam", 0.9))
                .ways(ways)
                .build();
    }

    @Test
    public void whatIsChosenStandsInForWhatThePackDescribes() {
        var taken = Ways.taken(pack(PLACE, CATCH), Map.of("place", "at-the-back"), Map.of());
        assertEquals(taken.chain("pump-place").stream().map(Layer::id).toList(), List.of("back", "pump-place"));
        assertEquals(taken.layer("pump-place").openMinutes(), 6.0);
        assertEquals(taken.cautions("pump-place", List.of(), Set.of()).get(0).id(), "wet");
        assertEquals(taken.ways(), List.of(PLACE), "where there is no flap, nobody asks how it opens");
    }

    @Test
    public void theToolsAreThoseOfTheWayThere() {
        var pack = pack(PLACE);
        assertEquals(Tools.of(pack).checks().get("look"), List.of("T20 driver"));
        var taken = Ways.taken(pack, Map.of("place", "at-the-back"), Map.of());
        assertEquals(Tools.of(taken).checks().get("look"), List.of("gloves", "T10 driver", "T15 driver"));
    }

    @Test
    public void aPieceIsHeldAsItWasFound() {
        var pack = pack(PLACE, CATCH);
        assertEquals(flap(Ways.taken(pack, Map.of("catch", "tabs"), Map.of())).screws(), List.of());
        var five = new Fastening(List.of(new Screws("T15", "", 12, 5, "", false)), null, List.of("eased up"), null);
        var found = flap(Ways.taken(pack, Map.of("catch", "tabs"), Map.of("flap", five)));
        assertEquals(Fastening.of(found), five, "it goes before what a choice says");
    }

    private static Piece flap(Pack pack) {
        return pack.layer("pump-place").pieces().get(0);
    }

    @Test
    public void withoutAChoiceTheExpectedStands() {
        var pack = pack(PLACE, CATCH);
        assertSame(Ways.taken(pack, Map.of(), Map.of()), pack);
        assertSame(
                Ways.taken(pack, Map.of("place", "in-front", "catch", "of another version", "gone", "x"), Map.of()),
                pack);
        var atTheBack = way("place", "at-the-back", PLACE.choices().toArray(WayIn.Route[]::new));
        assertEquals(
                Ways.taken(pack(atTheBack), Map.of(), Map.of())
                        .layer("pump-place")
                        .within(),
                "back");
        assertSame(
                Ways.taken(pack(atTheBack), Map.of("place", "in-front"), Map.of())
                        .layer("pump-place")
                        .within(),
                null);
    }

    @Test
    public void whatLiesOnTheTrayMayHaveComeOffAnyWay() {
        assertEquals(pack(PLACE).mayExpose("pump-place"), Set.of(Hazard.WATER));
        assertEquals(pack(CATCH).mayExpose("pump-place"), Set.of());
    }

    @Test
    public void aWayThatLeadsWhereItMustNotIsNamed() {
        var unguarded = way(
                "place",
                null,
                PLACE.choices().get(0),
                new WayIn.Route(
                        "open",
                        "Open",
                        List.of(layer("pump-place", null, 1, List.of(), List.of(Hazard.POWER), FLAP)),
                        List.of()));
        var problems = Ways.problems(pack(unguarded));
        assertTrue(
                problems.contains("choice open: layer pump-place exposes power and has no caution that keeps it away"),
                problems.toString());
        assertEquals(Ways.problems(pack(PLACE, CATCH)), List.of());
    }

    @Test
    public void aWayHasToLeadSomewhere() {
        var nowhere = new WayIn.Route("x", "X", List.of(), List.of(piece("no-such", null, false)));
        var refused = expectThrows(
                PackException.class, () -> pack(way("w", null, PLACE.choices().get(0), nowhere)));
        assertEquals(refused.problems(), List.of("choice x names the piece no-such, which does not exist"));
        assertThrows(
                IllegalArgumentException.class,
                () -> way("w", null, PLACE.choices().get(0)));
        assertThrows(
                IllegalArgumentException.class,
                () -> way("w", "z", PLACE.choices().toArray(WayIn.Route[]::new)));
        assertThrows(
                IllegalArgumentException.class,
                () -> way("w", null, PLACE.choices().get(1), nowhere));
    }
}
