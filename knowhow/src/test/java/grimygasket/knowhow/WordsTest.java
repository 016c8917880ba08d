package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.pack.Feature;
import grimygasket.words.Lexicon;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Signs are found by the words that people use, and heard in what a customer says. */
public class WordsTest {
    private static Lexicon lexicon(String kind) {
        var known = Shipped.knowhow(kind);
        var usual = known.pack().features().stream()
                .filter(feature -> feature.usual() || feature.id().equals("pump-screen"))
                .map(Feature::id)
                .toList();
        var codes = known.codes().stream()
                .filter(code -> code.maker().equals("Corvanne"))
                .toList();
        return Lexicon.of(known.pack(), usual, codes);
    }

    @DataProvider
    Object[][] words() {
        return new Object[][] {
            {"dishwasher", "leaks", "leak-under"},
            {"dishwasher", "leaking", "leak-under"},
            {"dishwasher", "stopped", "stops-midway"},
            {"dishwasher", "gritty", "gritty"},
            {"dishwasher", "poor heat", "wet-cold"},
            {"dishwasher", "puddle", "standing-water"},
            {"dishwasher", "burning", "alarm"},
            {"dishwasher", "odor", "smell"},
            {"dishwasher", "odour", "smell"},
            {"dishwasher", "grindign", "rattle"},
            {"dishwasher", "macerator", "screen-clogged"},
            {"dishwasher", "candle", "odd-load"},
            {"dishwasher", "d4", "d4"},
            {"washing-machine", "coin trap", "trap-clogged"},
            {"washing-machine", "mouldy", "smell"},
            {"washing-machine", "moldy", "smell"},
            {"tumble-dryer", "poor heat", "no-heat"},
            {"tumble-dryer", "burning", "alarm"},
            {"tumble-dryer", "thermal fuse", "cut-out-blown"},
            {"vacuum-cleaner", "lost suction", "weak"},
            {"vacuum-cleaner", "roller", "brush-stalls"},
        };
    }

    @Test(dataProvider = "words")
    public void whatPeopleTypeIsFound(String kind, String typed, String wanted) {
        var found = lexicon(kind).find(typed, 8).stream().map(Lexicon.Hit::id).toList();
        assertTrue(found.contains(wanted), typed + " finds " + found);
    }

    private static List<String> heard(String kind, String said) {
        return lexicon(kind).heard(said).stream().map(heard -> heard.hit().id()).toList();
    }

    @Test
    public void aSentenceIsHeardInItsOrder() {
        assertEquals(
                heard("dishwasher", "It hums and stays full of water since I washed jars with labels"),
                List.of("pump-hums", "standing-water", "odd-load"));
    }

    @Test
    public void whatSaysMoreIsHeardInsteadOfItsPart() {
        assertEquals(heard("dishwasher", "It leaks at the door"), List.of("door-weeps"));
        assertEquals(heard("dishwasher", "It leaks"), List.of("leak-under"));
    }

    @Test
    public void whatIsDeniedIsNotHeard() {
        assertEquals(heard("dishwasher", "It does not rattle"), List.of());
        assertTrue(heard("washing-machine", "It doesn't drain").contains("water-stays"));
        assertTrue(heard("washing-machine", "It won't spin: does not spin").contains("stops-before-spin"));
    }

    @Test
    public void nothingIsHeardInNothing() {
        assertEquals(heard("dishwasher", "Please come on Friday"), List.of());
        assertEquals(lexicon("dishwasher").find("  ", 5), List.of());
        assertEquals(lexicon("dishwasher").find("zebra crossing", 5), List.of());
    }
}
