package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.pack.machine.Feature;
import grimygasket.words.Lexicon;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Symptoms are found by the words that people use, and heard in what a customer says. */
public class WordsTest {
    private static final Map<String, Lexicon> LEXICONS = new HashMap<>();

    private static Lexicon lexicon(String kind) {
        return LEXICONS.computeIfAbsent(kind, WordsTest::read);
    }

    private static Lexicon read(String kind) {
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

    /** As people say it in whose house something is about to hurt somebody: the stop has to come. */
    @DataProvider
    Object[][] alarms() {
        var everywhere = List.of(
                "I got a shock touching it",
                "the plug is melted",
                "RCD goes off as soon as I press start",
                "it tripped the fuse box",
                "it tripped the consumer unit again",
                "it blew the fuse",
                "there was a loud bang, and it went bang again",
                "the socket is brown and hot",
                "smell of hot plastic",
                "flames came out of the back",
                "it caught fire");
        var dryer = List.of(
                "it smells hot",
                "I smell gas",
                "carbon monoxide alarm went off",
                "we have headaches since it runs",
                "it smells of rotten eggs");
        var vacuum = List.of(
                "it smells hot",
                "battery is swollen and hot",
                "battery bulges",
                "the battery leaks",
                "I vacuumed the fireplace",
                "I sucked up ash");
        return Stream.of(
                        Shipped.KINDS.stream()
                                .flatMap(kind -> everywhere.stream().map(said -> new Object[] {kind, said})),
                        dryer.stream().map(said -> new Object[] {"tumble-dryer", said}),
                        vacuum.stream().map(said -> new Object[] {"vacuum-cleaner", said}))
                .flatMap(all -> all)
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "alarms")
    public void whatMayHurtSomebodyIsHeardAsAnAlarm(String kind, String said) {
        var heard = heard(kind, said);
        assertTrue(
                Shipped.knowhow(kind).pack().symptoms().stream()
                        .anyMatch(symptom -> symptom.alarm() != null && heard.contains(symptom.id())),
                kind + ": " + said + " is heard as " + heard);
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
            {"washing-machine", "gray", "grey-laundry"},
            {"washing-machine", "grey", "grey-laundry"},
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
    public void twoAlarmsInOneBreathAreBothHeard() {
        assertEquals(heard("tumble-dryer", "It smokes and smells of gas"), List.of("alarm", "gas-smell"));
        assertEquals(
                heard("vacuum-cleaner", "the battery is swollen and it sparks"), List.of("battery-swollen", "alarm"));
    }

    @Test
    public void aNoDeniesWhatFollowsItAndNothingBefore() {
        assertEquals(heard("tumble-dryer", "drum turns, no heat"), List.of("no-heat"));
        assertEquals(heard("washing-machine", "filter never cleaned, smells"), List.of("smell"));
        assertEquals(
                heard("washing-machine", "full of water and will not open"), List.of("water-stays", "does-not-start"));
        assertEquals(heard("dishwasher", "Top rack not clean"), List.of("upper-dirty"));
        assertEquals(heard("dishwasher", "no smoke, no smell of gas, it only leaks"), List.of("leak-under"));
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
