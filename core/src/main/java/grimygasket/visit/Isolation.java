package grimygasket.visit;

import grimygasket.diagnosis.Machine;
import grimygasket.diagnosis.Plan;
import grimygasket.diagnosis.Step;
import grimygasket.pack.Caution;
import grimygasket.pack.Hazard;
import grimygasket.pack.Pack;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;

/**
 * How a machine is made safe for what is planned: what to shut off, drain or keep away from, in the order in which it is
 * done, each with the steps that ask for it.
 *
 * @param points in the order of {@link Hazard}
 */
public record Isolation(List<Point> points) {
    /**
     * @param hazard what it is about
     * @param caution its id
     * @param steps names of the planned steps that ask for it, the next one first
     */
    public record Point(Hazard hazard, String caution, List<String> steps) {}

    /** For the next step and the remedies after it. */
    public static Isolation of(Pack pack, Machine machine, Plan plan) {
        var asked = new LinkedHashMap<Caution, List<String>>();
        if (plan.next() != null && plan.next().kind() == Step.Kind.CHECK) {
            var check = pack.check(plan.next().id());
            ask(pack, machine, asked, check.name(), check.layer(), check.cautions());
        }
        for (var milestone : plan.order()) {
            var remedy = pack.remedy(milestone.remedy());
            ask(pack, machine, asked, remedy.name(), remedy.layer(), remedy.cautions());
        }
        return new Isolation(asked.entrySet().stream()
                .sorted(Comparator.comparing(entry -> entry.getKey().hazard()))
                .map(entry -> new Point(entry.getKey().hazard(), entry.getKey().id(), List.copyOf(entry.getValue())))
                .toList());
    }

    private static void ask(
            Pack pack,
            Machine machine,
            LinkedHashMap<Caution, List<String>> asked,
            String step,
            String layer,
            List<String> cautions) {
        for (var caution : pack.cautions(layer, cautions, machine.traits())) {
            asked.computeIfAbsent(caution, none -> new ArrayList<>()).add(step);
        }
    }
}
