package grimygasket.knowhow;

import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.machine.Hazard;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Power;
import grimygasket.pack.work.Competence;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What of the shipped packs gives power, exposes something, sets an alarm off, has a caution, or asks for somebody qualified, said a
 * second time and apart from them: whoever changes one of both has to change the other. By it everything that is advised is judged, and not by what the packs say of
 * themselves.
 */
final class PowerTable {
    private final String kind;
    /** "what id" to the ids that stand beside it. */
    private final Map<String, Set<String>> rows = new TreeMap<>();

    private PowerTable(String kind) {
        this.kind = kind;
    }

    static PowerTable of(String kind) {
        var table = new PowerTable(kind);
        try (var in = PowerTable.class.getResourceAsStream("/power.csv")) {
            new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .skip(1)
                    .forEach(line -> {
                        var cells = line.split(",", -1);
                        if (cells[0].equals(kind)) {
                            table.rows.put(cells[1] + " " + cells[2], words(cells[3]));
                        }
                    });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return table;
    }

    private static Set<String> words(String cell) {
        return cell.isBlank() ? Set.of() : Set.copyOf(Arrays.asList(cell.split(" ")));
    }

    boolean givesPower(String what, String id) {
        return rows.containsKey(what + " " + id);
    }

    /** The layers that may be open while a check has power. */
    Set<String> mayBeOff(String check) {
        return rows.get("check " + check);
    }

    boolean exposes(String layer) {
        return !rows.getOrDefault("layer " + layer, Set.of()).isEmpty();
    }

    boolean exposes(String layer, Hazard hazard) {
        return rows.getOrDefault("layer " + layer, Set.of()).contains(hazard.name());
    }

    boolean isAlarm(String symptom) {
        return rows.containsKey("alarm " + symptom);
    }

    /** The checks that clear an alarm. */
    Set<String> looks(String symptom) {
        return rows.get("alarm " + symptom);
    }

    List<String> alarms() {
        return rows.keySet().stream()
                .filter(row -> row.startsWith("alarm "))
                .map(row -> row.substring("alarm ".length()))
                .toList();
    }

    /** What whoever does it has to be qualified for; none where anybody may. */
    Set<String> competence(String what, String id) {
        return rows.getOrDefault("competence of " + what + " " + id, Set.of());
    }

    private static void competence(Map<String, Set<String>> said, String row, Competence competence) {
        if (competence != null) {
            said.put("competence of " + row, Set.of(competence.name()));
        }
    }

    private static void cautions(Map<String, Set<String>> said, Pack pack, String row, List<String> cautions) {
        if (!cautions.isEmpty()) {
            said.put(
                    row,
                    cautions.stream()
                            .map(id -> pack.caution(id).hazard().name())
                            .collect(Collectors.toSet()));
        }
    }

    /** What a pack says otherwise. */
    List<String> differences(Pack pack) {
        var said = new HashMap<String, Set<String>>();
        for (Layer layer : pack.layers()) {
            cautions(said, pack, "caution " + layer.id(), layer.cautions());
            said.put(
                    "layer " + layer.id(),
                    Set.copyOf(layer.exposes().stream().map(Hazard::name).toList()));
        }
        pack.checks().stream()
                .filter(Check::runs)
                .forEach(check -> said.put("check " + check.id(), Set.copyOf(check.mayBeOff())));
        pack.remedies().stream()
                .filter(remedy -> remedy.power() == Power.LIVE)
                .forEach(remedy -> said.put("remedy " + remedy.id(), Set.of()));
        pack.checks().forEach(check -> cautions(said, pack, "caution of check " + check.id(), check.cautions()));
        pack.remedies().forEach(remedy -> cautions(said, pack, "caution of remedy " + remedy.id(), remedy.cautions()));
        pack.checks().forEach(check -> competence(said, "check " + check.id(), check.competence()));
        pack.remedies().forEach(remedy -> competence(said, "remedy " + remedy.id(), remedy.competence()));
        pack.proofs().forEach(proof -> competence(said, "proof " + proof.id(), proof.competence()));
        pack.symptoms().stream()
                .filter(symptom -> symptom.alarm() != null)
                .forEach(symptom -> said.put(
                        "alarm " + symptom.id(), Set.copyOf(symptom.alarm().cleared())));
        var differences = new ArrayList<String>();
        rows.forEach((row, with) -> {
            if (!with.equals(said.get(row))) {
                differences.add(kind + ", " + row + ": " + said.get(row) + " in the pack, " + with + " in the table");
            }
        });
        said.keySet().stream()
                .filter(row -> !rows.containsKey(row))
                .forEach(row -> differences.add(kind + ", " + row + " is not in the table"));
        return differences;
    }
}
