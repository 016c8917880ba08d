package grimygasket.visit.ring;

import grimygasket.diagnosis.belief.Machine;
import grimygasket.diagnosis.plan.Plan;
import grimygasket.diagnosis.plan.Step;
import grimygasket.pack.Pack;
import grimygasket.pack.machine.Hazard;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.Remedy;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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
            ask(asked, check.name(), pack.cautions(check, machine.traits()));
        }
        for (var milestone : plan.order()) {
            ask(asked, pack, machine, pack.remedy(milestone.remedy()));
        }
        return of(asked);
    }

    /**
     * The same, and after it what the work so far has asked for.
     *
     * @param behind ids of the cautions that are open, or confirmed
     */
    public Isolation and(Pack pack, List<String> behind) {
        var listed = points.stream().map(Point::caution).collect(Collectors.toSet());
        return new Isolation(Stream.concat(
                        points.stream(),
                        new LinkedHashSet<>(behind)
                                .stream()
                                        .filter(caution -> !listed.contains(caution))
                                        .map(pack::caution)
                                        .map(caution -> new Point(caution.hazard(), caution.id(), List.of())))
                .toList());
    }

    /** For the tasks of an upkeep that are due and not done. */
    public static Isolation of(Pack pack, Machine machine, Upkeep upkeep) {
        var asked = new LinkedHashMap<Caution, List<String>>();
        upkeep.ahead(pack).forEach(remedy -> ask(asked, pack, machine, remedy));
        return of(asked);
    }

    private static Isolation of(Map<Caution, List<String>> asked) {
        return new Isolation(asked.entrySet().stream()
                .sorted(Comparator.comparing(entry -> entry.getKey().hazard()))
                .map(entry -> new Point(entry.getKey().hazard(), entry.getKey().id(), List.copyOf(entry.getValue())))
                .toList());
    }

    private static void ask(Map<Caution, List<String>> asked, Pack pack, Machine machine, Remedy remedy) {
        ask(asked, remedy.name(), pack.cautions(remedy, machine.traits()));
    }

    private static void ask(Map<Caution, List<String>> asked, String step, List<Caution> cautions) {
        cautions.forEach(caution ->
                asked.computeIfAbsent(caution, none -> new ArrayList<>()).add(step));
    }
}
