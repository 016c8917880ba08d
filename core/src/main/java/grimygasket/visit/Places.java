package grimygasket.visit;

import grimygasket.diagnosis.Plan;
import grimygasket.diagnosis.Step;
import grimygasket.pack.Check;
import grimygasket.pack.Fault;
import grimygasket.pack.Pack;
import grimygasket.pack.Station;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Which of a plan's steps have to do with which station. */
public final class Places {
    private Places() {}

    /**
     * @param kind of the step
     * @param id of the check or remedy
     */
    public record Work(Step.Kind kind, String id) {}

    /** Station id to the steps that look at it, or cure a fault that stands there, in the order of the plan. */
    public static Map<String, List<Work>> of(Pack pack, Plan plan) {
        var steps = Stream.concat(Optional.ofNullable(plan.next()).stream(), plan.alternatives().stream())
                .filter(step -> step.kind() == Step.Kind.CHECK || step.kind() == Step.Kind.REMEDY)
                .toList();
        var places = new LinkedHashMap<String, List<Work>>();
        pack.paths().stream()
                .flatMap(path -> path.stations().stream())
                .map(Station::id)
                .forEach(station -> places.put(station, at(station, pack, steps)));
        return places;
    }

    private static List<Work> at(String station, Pack pack, List<Step> steps) {
        var here = pack.faults().stream()
                .filter(fault -> fault.at().contains(station))
                .map(Fault::id)
                .collect(Collectors.toSet());
        return steps.stream()
                .filter(step -> concerns(pack, step, station, here))
                .map(step -> new Work(step.kind(), step.id()))
                .toList();
    }

    private static boolean concerns(Pack pack, Step step, String station, Set<String> here) {
        return step.kind() == Step.Kind.REMEDY
                ? pack.remedy(step.id()).cures().keySet().stream().anyMatch(here::contains)
                : looksAt(pack.check(step.id()), here, station);
    }

    private static boolean looksAt(Check check, Set<String> here, String station) {
        boolean measuredHere =
                check.measure() != null && station.equals(check.measure().station());
        return measuredHere
                || check.outcomes().stream()
                        .anyMatch(outcome -> station.equals(outcome.blockedUpTo())
                                || outcome.causes().keySet().stream().anyMatch(here::contains));
    }
}
