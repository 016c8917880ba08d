package grimygasket.call;

import static org.testng.Assert.assertEquals;

import grimygasket.call.Learnt.Noted;
import grimygasket.pack.machine.Fastening;
import grimygasket.pack.machine.Screws;
import grimygasket.visit.line.WayFound;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** What calls say of a model, taken together. */
public class LearntTest {
    private static Noted way(long at, String by, String choice) {
        return new Noted(at, by, new WayFound("place", choice), null, null);
    }

    private static Noted piece(long at, String by, int screws) {
        var fastening = new Fastening(List.of(new Screws("T15", "", 12, screws, "", false)), null, List.of(), null);
        return new Noted(at, by, null, "cover", fastening);
    }

    @Test
    public void whatMostCallsSayHolds() {
        var learnt = Learnt.of(List.of(way(1, "Rollo", "back"), way(2, "Sune", "back"), way(3, "Maren", "front")));
        assertEquals(learnt.ways().get("place"), new Learnt.WayLearnt("back", "Sune", 2));
        assertEquals(learnt.at(), 3);
    }

    @Test
    public void ofAsManyTheLatestHolds() {
        var learnt = Learnt.of(List.of(way(1, "Rollo", "back"), way(2, "Maren", "front")));
        assertEquals(learnt.ways().get("place"), new Learnt.WayLearnt("front", "Maren", 1));
    }

    @Test
    public void piecesAndWaysAreTakenApart() {
        var learnt = Learnt.of(List.of(way(1, "Rollo", "back"), piece(2, "Rollo", 5), piece(3, "Maren", 5)));
        assertEquals(learnt.fastenings().get("cover").screws().get(0).count(), 5);
        assertEquals(learnt.pieces().get("cover").calls(), 2);
        assertEquals(learnt.ways().get("place").calls(), 1);
        assertEquals(Learnt.of(List.of()), Learnt.NOTHING);
    }

    @Test
    public void theOrderInWhichNotesComeDoesNotMatter() {
        var random = new Random(3);
        for (int i = 0; i < 200; i++) {
            var noted = new ArrayList<Noted>();
            for (int at = 0; at < 1 + random.nextInt(7); at++) {
                noted.add(
                        random.nextBoolean()
                                ? way(at, "P" + random.nextInt(3), "c" + random.nextInt(3))
                                : piece(at, "P" + random.nextInt(3), 1 + random.nextInt(3)));
            }
            var learnt = Learnt.of(noted);
            Collections.shuffle(noted, random);
            assertEquals(Learnt.of(noted), learnt);
        }
    }
}
