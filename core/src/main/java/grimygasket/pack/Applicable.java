package grimygasket.pack;

import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fact;
import grimygasket.pack.evidence.Hint;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Needs;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.Remedy;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What of a pack applies to one machine and its technician, by ids.
 *
 * @param complaints symptoms that customers complain of unasked
 * @param symptoms all symptoms that can be seen
 * @param facts facts that make sense
 * @param checkNotes check id to the notes that stand at it
 * @param remedyNotes remedy id to the notes that stand at it
 * @param checkCautions check id to the cautions that stand at it, those of the layers around it included
 * @param remedyCautions remedy id to the cautions that stand at it, in the same way
 * @param tools of all work
 */
public record Applicable(
        List<String> complaints,
        List<String> symptoms,
        List<String> facts,
        Map<String, List<String>> checkNotes,
        Map<String, List<String>> remedyNotes,
        Map<String, List<String>> checkCautions,
        Map<String, List<String>> remedyCautions,
        Tools tools) {

    /**
     * @param traits see {@link Needs#met}
     */
    public static Applicable of(Pack pack, Collection<String> traits) {
        var symptoms = pack.symptoms().stream()
                .filter(symptom -> Needs.met(symptom.needs(), traits))
                .toList();
        var checkNotes = new LinkedHashMap<String, List<String>>();
        var remedyNotes = new LinkedHashMap<String, List<String>>();
        for (var note : pack.notes()) {
            if (Needs.met(note.needs(), traits)) {
                note.checks().forEach(id -> add(checkNotes, id, note));
                note.remedies().forEach(id -> add(remedyNotes, id, note));
            }
        }
        return new Applicable(
                symptoms.stream().filter(Symptom::complaint).map(Symptom::id).toList(),
                symptoms.stream().map(Symptom::id).toList(),
                pack.facts().stream()
                        .filter(fact -> Needs.met(fact.needs(), traits))
                        .map(Fact::id)
                        .toList(),
                checkNotes,
                remedyNotes,
                pack.checks().stream().collect(Collectors.toMap(Check::id, check -> ids(pack.cautions(check, traits)))),
                pack.remedies().stream()
                        .collect(Collectors.toMap(Remedy::id, remedy -> ids(pack.cautions(remedy, traits)))),
                Tools.of(pack));
    }

    private static List<String> ids(List<Caution> cautions) {
        return cautions.stream().map(Caution::id).toList();
    }

    private static void add(Map<String, List<String>> notes, String id, Hint note) {
        notes.computeIfAbsent(id, none -> new ArrayList<>()).add(note.text());
    }
}
