package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.pack.Pack;
import grimygasket.pack.machine.Feature;
import grimygasket.words.Lexicon;
import grimygasket.words.Lexicon.Heard;
import grimygasket.words.Lexicon.Kind;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/**
 * How well it is heard what customers tell, by sentences that the packs do not have. Every second one was never looked at while the
 * phrasings were written and the hearing was made: they are measured apart. {@code scripts/hearing} prints what was mistaken for what.
 */
public class HearingTest {
    private static final double PRECISION = 0.96;
    private static final double RECALL = 0.85;

    private static final Map<String, Pack> PACKS = Shipped.KINDS.stream()
            .collect(Collectors.toMap(
                    Function.identity(), kind -> Shipped.knowhow(kind).pack()));

    /**
     * @param wanted ids of the symptoms that it speaks of
     * @param allowed ids of symptoms that may be heard in it, too
     */
    private record Told(String kind, boolean isLookedAt, Set<String> wanted, Set<String> allowed, String words) {}

    private record Measured(int right, int wrong, int missed, List<String> alarmsMissed) {
        double precision() {
            return (double) right / (right + wrong);
        }

        double recall() {
            return (double) right / (right + missed);
        }
    }

    @Test
    public void whatCustomersTellIsHeard() throws IOException {
        var all = read();
        measure("looked at", all.stream().filter(Told::isLookedAt).toList());
        var apart = measure(
                "never looked at", all.stream().filter(one -> !one.isLookedAt()).toList());
        assertEquals(apart.alarmsMissed(), List.of());
        assertTrue(apart.precision() >= PRECISION, "precision " + apart.precision());
        assertTrue(apart.recall() >= RECALL, "recall " + apart.recall());
    }

    private static List<Told> read() throws IOException {
        try (var in = HearingTest.class.getResourceAsStream("/told.csv")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .skip(1)
                    .map(line -> line.split(";", 5))
                    .map(cells -> new Told(cells[0], cells[1].equals("yes"), ids(cells[2]), ids(cells[3]), cells[4]))
                    .toList();
        }
    }

    private static Set<String> ids(String cell) {
        return cell.isEmpty() ? Set.of() : new LinkedHashSet<>(Arrays.asList(cell.split(" ")));
    }

    private static Measured measure(String name, List<Told> told) {
        int right = 0;
        int wrong = 0;
        int missed = 0;
        var alarms = new ArrayList<String>();
        var confusion = new TreeMap<String, List<String>>();
        for (var one : told) {
            var pack = PACKS.get(one.kind());
            var heard = heard(pack, one);
            for (var symptom : one.wanted()) {
                if (heard.contains(symptom)) {
                    right++;
                } else {
                    missed++;
                    var instead = heard.isEmpty() ? "nothing" : String.join(", ", heard);
                    note(confusion, one, symptom + " heard as " + instead);
                }
            }
            boolean alarming = one.wanted().stream().anyMatch(symptom -> isAlarm(pack, symptom));
            if (alarming && heard.stream().noneMatch(symptom -> isAlarm(pack, symptom))) {
                alarms.add(one.kind() + ": " + one.words());
                System.out.println("  no alarm is heard in “" + one.words() + "”");
            }
            for (var symptom : heard) {
                if (!one.wanted().contains(symptom) && !one.allowed().contains(symptom)) {
                    wrong++;
                    note(confusion, one, (one.wanted().isEmpty() ? "nothing" : one.wanted()) + " heard as " + symptom);
                }
            }
        }
        var measured = new Measured(right, wrong, missed, alarms);
        System.out.printf(
                "%s: %d sentences, precision %.3f, recall %.3f, alarms missed %d%n",
                name, told.size(), measured.precision(), measured.recall(), alarms.size());
        if (Boolean.getBoolean("heard.confusion")) {
            confusion.forEach((what, said) -> System.out.println("  " + what + ": " + said));
        }
        return measured;
    }

    private static void note(TreeMap<String, List<String>> confusion, Told one, String what) {
        confusion
                .computeIfAbsent(one.kind() + ", " + what, none -> new ArrayList<>())
                .add("“" + one.words() + "”");
    }

    private static boolean isAlarm(Pack pack, String symptom) {
        return pack.symptom(symptom).alarm() != null;
    }

    /** As on the usual machine, or on one that can have what is told of. */
    private static Set<String> heard(Pack pack, Told one) {
        var traits = new HashSet<>(
                pack.features().stream().filter(Feature::usual).map(Feature::id).toList());
        one.wanted().forEach(symptom -> traits.addAll(pack.symptom(symptom).needs()));
        var heard = new LinkedHashSet<String>();
        Lexicon.of(pack, traits, List.of()).heard(one.words()).stream()
                .map(Heard::hit)
                .filter(hit -> hit.kind() == Kind.SYMPTOM)
                .forEach(hit -> heard.add(hit.id()));
        return heard;
    }
}
