package grimygasket.visit;

import static grimygasket.visit.Visits.NOW;
import static grimygasket.visit.Visits.lastIn;
import static grimygasket.visit.Visits.piece;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.diagnosis.Packs;
import grimygasket.pack.Pack;
import grimygasket.pack.machine.Piece;
import grimygasket.pack.machine.Screws;
import grimygasket.visit.Tray.State;
import grimygasket.visit.line.Cupped;
import grimygasket.visit.line.Laid;
import grimygasket.visit.line.Laid.Place;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

public class TrayTest {
    /** A sump cover lies under the filter; the kick plate is elsewhere. */
    public static final Pack PACK = new Packs()
            .layer("filter-out", null, 2, 2)
            .layer("sump-cover", "filter-out", 4, 4)
            .layer("kick-plate", null, 4, 4)
            .fault("a", 0.1)
            .symptom("symptom", 0.1, Map.of("a", 0.9))
            .remedy("clean", "sump-cover", 5, null, Map.of("a", 0.9))
            .build();

    private static final Screws FOUR = new Screws("T20", "coarse, for plastic", 16, 4, "", false);
    private static final Screws TWO = new Screws("T20", "sheet metal", 10, 2, "", false);

    private static List<String> order(Laid... laid) {
        return Tray.of(PACK, List.of(laid), NOW).wayBack().stream()
                .map(Tray.Refit::piece)
                .toList();
    }

    private static State state(String piece, Laid... laid) {
        return Tray.of(PACK, List.of(laid), NOW).wayBack().stream()
                .filter(step -> step.piece().equals(piece))
                .findFirst()
                .orElseThrow()
                .state();
    }

    private static Laid drying(String id, String layer) {
        return piece(id, layer, null, Place.TRAY, 0, NOW + 60_000, List.of(), List.of());
    }

    @Test
    public void theWayBackIsTheTrayInReverse() {
        assertEquals(
                order(piece("rack", "filter-out"), piece("filter", "filter-out"), piece("cover", "sump-cover")),
                List.of("cover", "filter", "rack"));
    }

    @Test
    public void whatLiesDeeperGoesBackFirstInWhateverOrderItWasLaidDown() {
        assertEquals(order(piece("cover", "sump-cover"), piece("filter", "filter-out")), List.of("cover", "filter"));
    }

    @Test
    public void whatGoesInLastWaitsForAll() {
        assertEquals(order(lastIn("battery"), piece("filter", "filter-out")), List.of("filter", "battery"));
        assertEquals(order(piece("filter", "filter-out"), lastIn("battery")), List.of("filter", "battery"));
        assertEquals(state("battery", piece("filter", "filter-out"), lastIn("battery")), State.WAITS);
    }

    @Test
    public void aDryingPieceHoldsItsPlaceAndUpOnlyWhatCoversIt() {
        var laid =
                new Laid[] {piece("rack", "filter-out"), drying("filter", "filter-out"), piece("plate", "kick-plate")};
        assertEquals(order(laid), List.of("plate", "filter", "rack"));
        assertEquals(state("plate", laid), State.READY);
        assertEquals(state("filter", laid), State.DRIES);
        assertEquals(state("rack", laid), State.WAITS);
        assertEquals(Tray.of(PACK, List.of(laid), NOW).wayBack().get(2).waitsFor(), List.of("filter"));
        // A minute later it is dry.
        assertEquals(Tray.of(PACK, List.of(laid), NOW + 60_000).wayBack().get(1).state(), State.READY);
    }

    @Test
    public void whatIsLeftOutHoldsNothingUp() {
        assertEquals(
                state("rack", piece("rack", "filter-out"), piece("filter", "filter-out", null, Place.LEFT_OUT, 0)),
                State.READY);
    }

    @Test
    public void screwsAreReconciledCupByCup() {
        var cups = Tray.of(
                        PACK,
                        List.of(
                                piece("plate", "kick-plate", FOUR, Place.BACK, 3),
                                piece("cover", "sump-cover", FOUR, Place.TRAY, 0)),
                        NOW)
                .cups();
        assertEquals(cups, List.of(new Tray.Cup("A", List.of("T20, coarse, for plastic × 16 mm"), 8, 5)));
        assertEquals(cups.get(0).kinds().size(), 1);
    }

    @Test
    public void twoKindsInOneCupAreSaid() {
        var cups = Tray.of(
                        PACK,
                        List.of(
                                piece("plate", "kick-plate", FOUR, Place.TRAY, 0),
                                piece("cover", "sump-cover", TWO, Place.TRAY, 0)),
                        NOW)
                .cups();
        assertEquals(cups.get(0).kinds().size(), 2);
        assertFalse(FOUR.sameKind(TWO));
        // A left-hand thread is never taken for another.
        assertFalse(FOUR.sameKind(new Screws("T20", "coarse, for plastic", 16, 4, "", true)));
        assertTrue(FOUR.sameKind(new Screws("T20", "coarse, for plastic", 16, 1, "lower quarter", false)));
    }

    @Test
    public void aPieceHeldByTwoKindsOfScrewsFillsTwoCups() {
        var panel = new Piece(
                "panel",
                "Panel",
                List.of(FOUR, TWO),
                null,
                List.of("pushed up"),
                null,
                false,
                false,
                false,
                List.of(),
                List.of(),
                false,
                null);
        var plate = piece("plate", "kick-plate", FOUR, Place.TRAY, 0);
        var laid =
                Laid.of("p", "kick-plate", panel, Tray.freeCups(List.of(plate)).iterator());
        assertEquals(laid.screws(), List.of(new Cupped(FOUR, "B", 0), new Cupped(TWO, "C", 0)));
        assertEquals(laid.clips(), List.of("pushed up"));
        assertEquals(
                Tray.of(PACK, List.of(plate, laid), NOW).cups().stream()
                        .map(Tray.Cup::name)
                        .toList(),
                List.of("A", "B", "C"));
    }

    @Test
    public void aPieceThatCannotBeIsRefused() {
        expectThrows(IllegalArgumentException.class, () -> piece("plate", "kick-plate", FOUR, Place.BACK, 5));
        expectThrows(IllegalArgumentException.class, () -> piece(" ", "kick-plate"));
        expectThrows(IllegalArgumentException.class, () -> order(piece("plate", "no-such-layer")));
        assertTrue(expectThrows(IllegalArgumentException.class, () -> new Screws("T20", "", 16, 0, "", false))
                .getMessage()
                .contains("count of the screws"));
    }
}
