package grimygasket.visit.line;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import grimygasket.diagnosis.Packs;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.pack.Pack;
import grimygasket.visit.Visits;
import grimygasket.visit.line.Note.About;
import grimygasket.visit.ring.Gap;
import grimygasket.visit.ring.Ring;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class NoteTest {
    private static final Pack PACK = new Packs()
            .fault("a", 0.1)
            .remedy("clean", null, 5, null, Map.of("a", 0.9))
            .build();

    private static List<Gap> gaps(Note note) {
        var visit = new Visits().note(note).build();
        return Ring.of(PACK, Packs.MACHINE, visit).gapsBeforeClosing();
    }

    @Test
    public void anOwnRemedySettlesTheCauseAndWantsItsProof() {
        var done = gaps(new Note(About.DONE, "Shimmed the hinge", 12, false));
        assertFalse(done.contains(Gap.of(Gap.Kind.CAUSE)), done.toString());
        assertTrue(done.contains(Gap.of(Gap.Kind.NOT_PROVED, "Shimmed the hinge")), done.toString());
        var proved = gaps(new Note(About.DONE, "Shimmed the hinge", 12, true));
        assertTrue(proved.stream().noneMatch(gap -> gap.kind() == Gap.Kind.NOT_PROVED), proved.toString());
    }

    @Test
    public void anOwnRemedyProvesNoneThatIsStillToBeProved() {
        var own = new Note(About.DONE, "Shimmed the hinge", 12, true);
        assertTrue(unproved(own, Proved.PENDING));
        assertFalse(unproved(own, Proved.STILL_FAILING), "the own one cured what the other did not");
        assertFalse(unproved(own, Proved.CURED));
    }

    private static boolean unproved(Note note, Proved proved) {
        var visit = new Visits()
                .findings(new RemedyTried("clean", proved))
                .note(note)
                .build();
        return Ring.of(PACK, Packs.MACHINE, visit).gapsBeforeClosing().stream()
                .anyMatch(gap -> gap.kind() == Gap.Kind.NOT_PROVED);
    }

    @Test
    public void whatIsOnlySeenSettlesNothing() {
        assertTrue(gaps(new Note(About.SEEN, "Mouse nest", null, false)).contains(Gap.of(Gap.Kind.CAUSE)));
    }

    @DataProvider
    Object[][] unfit() {
        return new Object[][] {
            {About.NOTE, " ", null, false},
            {About.NOTE, "x".repeat(301), null, false},
            {About.SEEN, "Mouse nest", 5, false},
            {About.DONE, "Shimmed", 0, false},
            {About.DONE, "Shimmed", 601, false},
            {About.SEEN, "Mouse nest", null, true}
        };
    }

    @Test(dataProvider = "unfit")
    public void whatMakesNoSenseIsRefused(About about, String text, Integer minutes, boolean proved) {
        assertThrows(IllegalArgumentException.class, () -> new Note(about, text, minutes, proved));
    }
}
