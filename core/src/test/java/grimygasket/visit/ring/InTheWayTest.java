package grimygasket.visit.ring;

import static org.testng.Assert.assertEquals;

import grimygasket.diagnosis.Packs;
import grimygasket.pack.Pack;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Piece;
import grimygasket.pack.machine.Power;
import grimygasket.pack.work.Proof;
import grimygasket.visit.Visits;
import grimygasket.visit.line.Laid;
import grimygasket.visit.line.Laid.Place;
import java.util.List;
import org.testng.annotations.Test;

public class InTheWayTest {
    private static final Piece RACK =
            new Piece("rack", "Rack", null, null, null, null, false, false, false, List.of(), List.of(), true, null);
    private static final Pack PACK = new Packs()
            .layer(new Layer("inside", "Rack out", null, 1, 1, List.of(), List.of(RACK), null, List.of()))
            .proof(new Proof(
                    "washes",
                    "It washes",
                    5,
                    List.of(),
                    1,
                    null,
                    null,
                    null,
                    Power.LIVE,
                    List.of(),
                    List.of("rack"),
                    null))
            .build();

    private static List<String> inTheWay(String proof, Place place) {
        var rack = new Laid(
                "1", "Rack", "inside", "rack", List.of(), null, List.of(), null, false, false, List.of(), 0, place,
                List.of(), null);
        return InTheWay.of(PACK, new Visits().laid(rack).build(), PACK.proof(proof)).stream()
                .map(Laid::name)
                .toList();
    }

    /** The machine drains without its rack; that it washes every rack shows only with it. */
    @Test
    public void whatAProofNeedsGoesBackBeforeItThoughTheMachineMayRunWithout() {
        assertEquals(inTheWay("washes", Place.TRAY), List.of("Rack"));
        assertEquals(inTheWay("washes", Place.BACK), List.of());
        assertEquals(inTheWay("works", Place.TRAY), List.of());
    }
}
