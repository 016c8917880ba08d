package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import grimygasket.pack.PackException;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Only what is changed differs in the text; and what it says is what was wanted. */
public class PackTextTest {
    private static final int PIECES_AT_ONCE = 6;

    private static final JsonMapper JSON = new JsonMapper();
    private static final PackText TEXT = new PackText("""
            # A pack
            id: toaster # of one's own
            faults:
              # the crumbs
              - {id: crumbs, name: Crumbs, rate: 0.005} # usual
              - {id: cord, name: "Cord, broken", rate: 0.001}
            checks:
              - id: look
                name: Look in
                # a torch is enough
                steps:
                  - Unplug it. # first of all
                  - Look.
                # how long
                minutes: 2 # estimate
              - id: listen
                name: Listen
                minutes: 1
            parts: []

            # what is last
            cautions: [{id: shock, title: Shock}, {id: heat, title: Heat}]
            """);

    private static JsonNode members(String text) {
        return JSON.readTree(text);
    }

    private static String changed(String from, String to) {
        return TEXT.yaml().replace(from, to);
    }

    @DataProvider
    public Object[][] changes() {
        return new Object[][] {
            {"faults", "crumbs", "{'rate': 0.0004}", changed("rate: 0.005", "rate: 0.0004")},
            {"faults", "cord", "{'name': 'Cord'}", changed("\"Cord, broken\"", "Cord")},
            {"faults", "cord", "{'rate': null}", changed(", rate: 0.001", "")},
            {
                "faults",
                "cord",
                "{'words': ['flex', 'a: b']}",
                changed("rate: 0.001", "rate: 0.001, words: [flex, 'a: b']")
            },
            {"checks", "look", "{'minutes': 3}", changed("minutes: 2 #", "minutes: 3 #")},
            {
                "checks",
                "look",
                "{'steps': ['Look.']}",
                changed("steps:\n      - Unplug it. # first of all\n      - Look.", "steps: [Look.]")
            },
            {"checks", "look", "{'name': null}", changed("    name: Look in\n", "")},
            {"checks", "look", "{'runs': true}", changed("# estimate\n", "# estimate\n    runs: true\n")},
            {
                "checks",
                "smell",
                "{'name': 'Smell'}",
                changed("minutes: 1\n", "minutes: 1\n  - id: smell\n    name: Smell\n")
            },
            {"parts", "slot", "{'price': 12}", changed("parts: []", "parts:\n  - id: slot\n    price: 12")},
            {"cautions", "cuts", "{'title': 'Cuts'}", changed("Heat}]", "Heat}, {id: cuts, title: Cuts}]")},
            {"symptoms", "smoke", "{'ask': 'Smoke?'}", TEXT.yaml() + "\nsymptoms:\n  - id: smoke\n    ask: 'Smoke?'\n"},
        };
    }

    @Test(dataProvider = "changes")
    public void onlyWhatIsChangedDiffers(String section, String piece, String members, String expected) {
        assertEquals(
                TEXT.with(section, piece, members(members.replace('\'', '"'))).yaml(), expected);
    }

    @DataProvider
    public Object[][] pieces() {
        return new Object[][] {
            {"faults", "crumbs", changed("  - {id: crumbs, name: Crumbs, rate: 0.005} # usual\n", "")},
            {"checks", "listen", changed("  - id: listen\n    name: Listen\n    minutes: 1\n", "")},
            {
                "cautions",
                "shock",
                changed("{id: shock, title: Shock}, ", "").replace("[{", "[ {").replace("[ {", "[{")
            },
            {"cautions", "heat", changed(", {id: heat, title: Heat}", "")},
            {"cautions", "ghost", TEXT.yaml()},
        };
    }

    @Test(dataProvider = "pieces")
    public void aPieceIsTakenOutWhole(String section, String piece, String expected) {
        var without = TEXT.without(section, piece).yaml();
        assertEquals(without.replace("[ {", "[{"), expected);
    }

    @Test
    public void theLastPieceLeavesAnEmptySection() {
        var text = TEXT.without("checks", "look").without("checks", "listen").yaml();
        assertEquals(PackReader.tree(text).path("checks").size(), 0);
    }

    @Test
    public void whatIsNoYamlIsRefused() {
        assertThrows(PackException.class, () -> new PackText("a: [").with("a", "b", members("{}")));
        var alias = new PackText("faults:\n  - {id: a, name: &x A}\n  - {id: b, name: *x}\n");
        assertThrows(PackException.class, () -> alias.with("faults", "b", members("{\"name\": \"B\"}")));
    }

    /** Every value of every shipped pack written anew says the same, and no comment is lost with it. */
    @Test
    public void whatIsWrittenAnewSaysTheSame() {
        int pieces = 0;
        int all = 0;
        for (var kind : Shipped.KINDS) {
            var whole = PackReader.tree(Shipped.texts(kind).pack());
            for (var section : List.of("faults", "symptoms", "checks", "remedies")) {
                all += whole.path(section).size();
                for (var yaml : parts(Shipped.texts(kind).pack(), section)) {
                    var tree = PackReader.tree(yaml);
                    for (var piece : tree.path(section)) {
                        var id = piece.path("id").asString();
                        var other = new PackText(yaml).with(section, id, piece);
                        assertEquals(PackReader.tree(other.yaml()), tree, kind + " " + id);
                        assertEquals(comments(other.yaml()), comments(yaml), kind + " " + id);
                        pieces++;
                    }
                }
            }
        }
        assertEquals(pieces, all);
    }

    /** A section of a pack in texts of a few pieces each: a whole pack takes long to read, and is read for every member. */
    private static List<String> parts(String pack, String section) {
        var all = pack.split("(?m)^(?=[a-z]+:)");
        var lines = Stream.of(all)
                .filter(one -> one.startsWith(section + ":"))
                .findFirst()
                .orElseThrow()
                .split("(?m)^(?=  - )");
        return IntStream.iterate(1, i -> i < lines.length, i -> i + PIECES_AT_ONCE)
                .mapToObj(i -> section + ":\n"
                        + String.join("", List.of(lines).subList(i, Math.min(lines.length, i + PIECES_AT_ONCE))))
                .toList();
    }

    /** What is added, and then taken out again, was never there. */
    @Test
    public void whatIsAddedAndTakenOutWasNeverThere() {
        var text = new PackText(Shipped.texts("dishwasher").pack());
        var members = JSON.createObjectNode();
        members.put("name", "Something: \"odd\" # \\ \u2028 \ud83e\uddfd\n, yes");
        members.putArray("words")
                .add("true")
                .add("- a")
                .add("0x1")
                .add("null")
                .add(" b ")
                .add("~");
        for (var section : List.of("faults", "symptoms", "checks", "remedies", "parts", "cautions")) {
            var added = text.with(section, "odd-one", members);
            var piece = Stream.of(PackReader.tree(added.yaml()).path(section))
                    .flatMap(JsonNode::valueStream)
                    .filter(one -> one.path("id").asString().equals("odd-one"))
                    .findFirst()
                    .orElseThrow();
            assertEquals(piece.path("name"), members.path("name"));
            assertEquals(piece.path("words"), members.path("words"));
            assertEquals(added.without(section, "odd-one"), text, section);
        }
    }

    private static long comments(String yaml) {
        return yaml.lines().filter(line -> line.contains("#")).count();
    }
}
