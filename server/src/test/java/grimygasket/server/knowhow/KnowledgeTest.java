package grimygasket.server.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Evidence;
import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Machine;
import grimygasket.diagnosis.Van;
import grimygasket.pack.Fault;
import grimygasket.pack.Pack;
import grimygasket.pack.PackException;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.core.io.ClassPathResource;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The knowledge that ships with the application. */
public class KnowledgeTest {
    private final PackReader reader = new PackReader(text("pack.schema.json"));
    private final Pack pack = reader.read(text("dishwasher.yaml"));

    @DataProvider
    Object[][] kinds() {
        return new Object[][] {{"dishwasher"}, {"washing-machine"}, {"tumble-dryer"}, {"vacuum-cleaner"}};
    }

    private static String text(String name) {
        try {
            return new ClassPathResource("knowledge/" + name).getContentAsString(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    public void theDishwasherIsCovered() {
        assertTrue(pack.faults().size() >= 12);
        assertTrue(pack.signs().size() >= 14);
        assertTrue(pack.checks().size() >= 12);
        assertEquals(pack.paths().stream().map(p -> p.id()).toList(), List.of("wash", "drain"));
        assertTrue(CodeTableReader.read(text("codes/dishwasher.csv"), pack).size() >= 5);
    }

    @Test(dataProvider = "kinds")
    public void everyCodeTablePointsIntoItsPack(String kind) {
        var pack = reader.read(text(kind + ".yaml"));
        var codes = CodeTableReader.read(text("codes/" + pack.id() + ".csv"), pack);
        assertTrue(codes.size() >= 4);
        assertTrue(codes.stream().allMatch(code -> code.kind().equals(pack.id())));
    }

    @Test(dataProvider = "kinds")
    public void everyFaultHasASignACheckAndARemedy(String kind) {
        var pack = reader.read(text(kind + ".yaml"));
        var signed = new HashSet<String>();
        pack.signs().forEach(sign -> signed.addAll(sign.causes().keySet()));
        var checked = new HashSet<String>();
        pack.checks()
                .forEach(check ->
                        check.outcomes().forEach(o -> checked.addAll(o.causes().keySet())));
        pack.checks()
                .forEach(check -> check.outcomes().stream()
                        .filter(o -> o.blockedUpTo() != null)
                        .forEach(o -> pack.faults().stream()
                                .filter(f -> f.at().contains(o.blockedUpTo()))
                                .forEach(f -> checked.add(f.id()))));
        var cured = new HashSet<String>();
        pack.remedies().forEach(remedy -> cured.addAll(remedy.cures().keySet()));
        // Dose and freshness are asked for, not looked at.
        checked.add("detergent-wrong");
        for (var fault : pack.faults()) {
            assertTrue(signed.contains(fault.id()), "no sign of " + fault.id());
            assertTrue(checked.contains(fault.id()), "no check for " + fault.id());
            assertTrue(cured.contains(fault.id()), "no remedy for " + fault.id());
        }
    }

    @Test(dataProvider = "kinds")
    public void whateverIsBehindACoverHasItsCaution(String kind) {
        var pack = reader.read(text(kind + ".yaml"));
        var covers = pack.layers().stream()
                .filter(layer -> layer.openMinutes() >= 4)
                .map(layer -> layer.id())
                .toList();
        for (var check : pack.checks()) {
            if (check.layer() != null && covers.contains(check.layer())) {
                assertTrue(check.caution() != null, check.id() + " opens the machine without a caution");
            }
        }
        for (var remedy : pack.remedies()) {
            if (remedy.layer() != null && covers.contains(remedy.layer())) {
                assertTrue(remedy.caution() != null, remedy.id() + " opens the machine without a caution");
            }
        }
    }

    /** With its two strongest signs seen and all else unknown, a fault stands among the first three. */
    @Test(dataProvider = "kinds")
    public void typicalSignsBringAFaultToTheTop(String kind) {
        var pack = reader.read(text(kind + ".yaml"));
        var exceptions = new ArrayList<String>();
        for (var fault : pack.faults()) {
            var machine = new Machine(features(pack, fault));
            var assessment =
                    Diagnosis.assess(pack, machine, new Evidence(typicalSigns(pack, fault), new Van(60, 50, Map.of())));
            var firstThree = assessment.ranking().stream()
                    .limit(3)
                    .map(suspect -> suspect.fault())
                    .toList();
            if (!firstThree.contains(fault.id())) {
                exceptions.add(fault.id() + " behind " + firstThree);
            }
        }
        assertTrue(exceptions.isEmpty(), exceptions.toString());
    }

    /** What is usually fitted, and what the fault and its stations need. */
    private static Set<String> features(Pack pack, Fault fault) {
        var features = new HashSet<String>();
        pack.features().stream().filter(f -> f.usual()).forEach(f -> features.add(f.id()));
        pack.paths().stream()
                .flatMap(path -> path.stations().stream())
                .filter(station -> fault.at().contains(station.id()) && station.needs() != null)
                .forEach(station -> features.add(station.needs()));
        if (fault.needs() != null) {
            features.add(fault.needs());
        }
        return features;
    }

    private List<Finding> typicalSigns(Pack pack, Fault fault) {
        return pack.signs().stream()
                .filter(sign -> sign.needs() == null || features(pack, fault).contains(sign.needs()))
                .filter(sign -> sign.causes().containsKey(fault.id()))
                .sorted(Comparator.comparingDouble(sign -> -sign.causes().get(fault.id())))
                .limit(2)
                .map(sign -> (Finding) new Finding.SignSettled(sign.id(), Finding.Answer.YES))
                .toList();
    }

    @Test
    public void aPackThatBreaksTheSchemaIsRefusedWithEveryPlace() {
        var broken = text("dishwasher.yaml")
                .replace("rate: 0.0004", "rate: 4")
                .replace("referMinutes: 120", "referMinutes: soon")
                .replace("medium: WATER", "medium: SAND");
        var problems =
                expectThrows(PackException.class, () -> reader.read(broken)).problems();
        assertTrue(problems.stream().anyMatch(p -> p.startsWith("/referMinutes")), problems.toString());
        assertTrue(problems.stream().anyMatch(p -> p.startsWith("/faults/4/rate")), problems.toString());
        assertTrue(problems.stream().anyMatch(p -> p.startsWith("/paths/0/medium")), problems.toString());
    }

    @Test
    public void aPackThatRefersToNothingIsRefusedWithEveryReference() {
        var broken = text("dishwasher.yaml")
                .replace("caution: acid", "caution: alkali")
                .replace("part: hose-clip", "part: hose-clap");
        assertEquals(
                expectThrows(PackException.class, () -> reader.read(broken)).problems(),
                List.of(
                        "remedy clean-nozzles names the caution alkali, which does not exist",
                        "remedy hang-hose names the part hose-clap, which does not exist"));
        expectThrows(PackException.class, () -> reader.read("id: [unclosed"));
    }

    @Test
    public void aCodeTableIsRefusedRowByRow() {
        var header = "maker,kind,code,meaning,leak,points,clear\n";
        var bad = header
                + "Corvanne,dishwasher,d4,Draining,0.01,sign:standing-water=0.75,hold\n"
                + "Corvanne,dishwasher,d5,Draining,much,fault:drain-pump-dead=0.8,hold\n"
                + "Corvanne,dishwasher,d6,Draining,0.01,pump,hold\n"
                + "Corvanne,dishwasher,d7,Draining,0.01,fault:ghost=0.8,hold\n";
        assertEquals(
                expectThrows(PackException.class, () -> CodeTableReader.read(bad, pack))
                        .problems(),
                List.of(
                        "row 3: “much” is not a number",
                        "row 4: “pump” is not of the form fault:ID=STRENGTH or sign:ID=STRENGTH",
                        "row 5: code d7 of Corvanne points to the fault ghost, which pack dishwasher does not have"));
    }
}
