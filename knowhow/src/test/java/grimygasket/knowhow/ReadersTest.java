package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.knowhow.Comparison.Difference;
import grimygasket.knowhow.Comparison.PieceChange;
import grimygasket.pack.PackException;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/** Files that are brought in: what is refused, with which words, and what differs. */
public class ReadersTest {
    private static final String HEADER = "maker,kind,display,code,meaning,leak,points,clear\n";

    private final KnowhowText shipped = Shipped.texts("dishwasher");

    private List<String> problems(String pack) {
        return expectThrows(
                        PackException.class,
                        () -> Shipped.reader().read("dishwasher", new KnowhowText(pack, shipped.codes())))
                .problems();
    }

    private List<String> codeProblems(String csv) {
        var problems = new ArrayList<String>();
        CodeTableReader.read(csv, Shipped.knowhow("dishwasher").pack(), problems);
        return problems;
    }

    @Test
    public void aBrokenPackIsRefusedWithAllThatIsWrongAtOnce() {
        var broken = shipped.pack()
                .replace(
                        "name: Set wax or grease in filter and sump, at: [filter, sump], rate: 0.0008",
                        "name: Wax, at: [], rate: 4")
                .replace("referMinutes: 120", "referMinutes: soon")
                .replace("name: Fill\n    medium: WATER", "name: Fill\n    medium: SAND")
                .replace("cautions: [acid]", "cautions: [alkali]");
        var problems = problems(broken);
        assertTrue(problems.stream().anyMatch(p -> p.startsWith("referMinutes: ")), problems.toString());
        assertTrue(problems.stream().anyMatch(p -> p.startsWith("fault wax-set, rate: ")), problems.toString());
        assertTrue(problems.stream().anyMatch(p -> p.startsWith("path fill, medium: ")), problems.toString());
    }

    @Test
    public void aBadReferenceIsNamedBesideABadNumber() {
        var broken = shipped.pack()
                .replace("at: [filter, sump], rate: 0.0008", "at: [filter, sump], rate: 4")
                .replace("parts: [hose-clip]\n    proof: drains", "parts: [hose-clap]\n    proof: drains");
        var problems = problems(broken);
        assertEquals(problems.size(), 2, problems.toString());
        assertTrue(problems.get(0).startsWith("fault wax-set, rate: "), problems.get(0));
        assertEquals(problems.get(1), "remedy hang-hose names the part hose-clap, which does not exist");
    }

    @Test
    public void aPackOfAnOlderFormIsStillRead() {
        var today = Shipped.knowhow("dishwasher").pack();
        var older = shipped.pack()
                .substring(0, shipped.pack().indexOf("families:"))
                .replaceAll("(?s)\nways:.*?\npaths:", "\npaths:")
                .replaceAll("screws: \\[(\\{[^}]*})\\]", "screws: $1")
                .replace("clips: [pressed from below]", "clip: pressed from below")
                .replaceAll(", calendar: [A-Z]+}", "}")
                .replace("upkeep: all, ", "");
        assertTrue(older.contains("clip: pressed from below") && !older.contains("screws: ["));
        assertTrue(!older.contains("calendar:") && !older.contains("upkeep: all"));
        var read = Shipped.reader().read("dishwasher", new KnowhowText(older, shipped.codes()));
        assertEquals(read.pack().layers(), today.layers());
        assertEquals(read.pack().schools(), today.schools());
    }

    @Test
    public void whatTheSchemaCannotSeeIsNamedToo() {
        var broken =
                shipped.pack().replace("{id: none, name: None, share: 0.87}", "{id: none, name: None, share: 0.5}");
        assertTrue(
                problems(broken).get(0).contains("shares of fact odd-load must add up to 1"),
                problems(broken).toString());
        assertTrue(problems("id: [unclosed").get(0).contains("not a readable YAML file"));
        assertTrue(problems(Shipped.texts("tumble-dryer").pack()).get(0).contains("import it there"));
    }

    @Test
    public void aCodeTableIsRefusedRowByRow() {
        assertEquals(
                codeProblems(HEADER
                        + "Corvanne,dishwasher,CODE,d4,Draining,0.01,symptom:standing-water=0.75,hold\n"
                        + "Corvanne,dishwasher,CODE,d5,Draining,much,fault:drain-pump-dead=0.8,hold\n"
                        + "Corvanne,dishwasher,BELL,d6,Draining,0.01,fault:foam=0.5,hold\n"
                        + "Corvanne,dishwasher,CODE,d7,Draining,0.01,pump,hold\n"
                        + "Corvanne,dishwasher,CODE,d8,Draining,0.01,fault:ghost=0.8,hold\n"
                        + "corvanne,dishwasher,CODE,D4,Again,0.01,fault:foam=0.8,hold\n"
                        + "Corvanne,tumble-dryer,CODE,d9,Heat,0.01,fault:foam=0.8,hold\n"
                        + "Corvanne,dishwasher,CODE,d10\n"),
                List.of(
                        "row 3: “much” is not a number. Write digits alone, for example 3.5.",
                        "row 4: “BELL” is neither CODE nor LIGHTS",
                        "row 5: “pump” is not of the form fault:ID=STRENGTH or symptom:ID=STRENGTH",
                        "row 6: code d8 of Corvanne points to the fault ghost, which pack dishwasher does not have",
                        "row 7: D4 of corvanne stands in row 2 already",
                        "row 8: it is about “tumble-dryer”, and this table about “dishwasher”",
                        "row 9: it has 4 columns instead of 8"));
    }

    @Test
    public void whatASpreadsheetWouldTakeForAFormulaComesInWithAnApostropheAlone() {
        var row = "Corvanne,dishwasher,CODE,%s,Draining,0.01,symptom:standing-water=0.75,hold\n";
        var live = new KnowhowText(shipped.pack(), HEADER + row.formatted("=1+1") + row.formatted("x".repeat(300)));
        var problems = expectThrows(PackException.class, () -> Shipped.reader().readNew("dishwasher", live))
                .problems();
        assertEquals(
                problems,
                List.of(
                        "Code table, row 2: code begins with “=”, which a spreadsheet takes for a formula: write an"
                                + " apostrophe before it",
                        "Code table, row 3: code is longer than 120 characters"));
        var harmless = new KnowhowText(shipped.pack(), HEADER + row.formatted("'-E1"));
        var codes = Shipped.reader().readNew("dishwasher", harmless).codes();
        assertEquals(codes.get(0).code(), "-E1");
        assertEquals(
                codeProblems(HEADER.replace("leak", "code") + row.formatted("d4"))
                        .size(),
                1);
        assertEquals(
                codeProblems(HEADER + row.formatted("d4").replace("0.01", "0.1d")),
                List.of("row 2: “0.1d” is not a number. Write digits alone, for example 3.5."));
    }

    @Test
    public void aCodeTableWithoutItsColumnsSaysWhich() {
        assertEquals(
                codeProblems("maker,code\nCorvanne,d4\n"),
                List.of(
                        "row 1: the columns are maker, kind, display, code, meaning, leak, points, clear; missing: kind,"
                                + " display, meaning, leak, points, clear."));
        assertEquals(codeProblems("").size(), 1);
    }

    @Test
    public void aComparisonNamesEachPieceAndWhatWasAndIs() {
        var before = Shipped.knowhow("dishwasher");
        var after = Shipped.reader()
                .read(
                        "dishwasher",
                        new KnowhowText(
                                shipped.pack()
                                        .replace(
                                                "at: [filter, sump], rate: 0.0008", "at: [filter, sump], rate: 0.0016"),
                                shipped.codes()
                                        .replace("Corvanne,dishwasher,CODE,d5", "Corvanne,dishwasher,CODE,d55")));
        assertEquals(
                Comparison.of(before, after),
                List.of(
                        new PieceChange("faults", "wax-set", Difference.CHANGED, List.of("rate: 0.0008 → 0.0016")),
                        new PieceChange("codes", "Corvanne d5", Difference.REMOVED, List.of()),
                        new PieceChange("codes", "Corvanne d55", Difference.ADDED, List.of())));
        assertEquals(Comparison.of(before, before), List.of());
    }
}
