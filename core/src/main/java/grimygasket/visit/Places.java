package grimygasket.visit;

import grimygasket.diagnosis.plan.Plan;
import grimygasket.diagnosis.plan.Step;
import grimygasket.pack.Pack;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

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
        var places = new LinkedHashMap<String, List<Work>>();
        for (var path : pack.paths()) {
            path.stations().forEach(station -> places.put(station.id(), new ArrayList<>()));
        }
        if (plan.next() != null) {
            place(plan.next(), pack, places);
        }
        plan.alternatives().forEach(step -> place(step, pack, places));
        return places;
    }

    private static void place(Step step, Pack pack, Map<String, List<Work>> places) {
        var work = new Work(step.kind(), step.id());
        concerned(step, pack).forEach(station -> places.get(station).add(work));
    }

    /** Ids of the stations that a step has to do with. */
    private static Set<String> concerned(Step step, Pack pack) {
        var stations = new HashSet<String>();
        if (step.kind() == Step.Kind.REMEDY) {
            addOf(pack.remedy(step.id()).cures().keySet(), pack, stations);
        } else if (step.kind() == Step.Kind.CHECK) {
            var check = pack.check(step.id());
            if (check.measure() != null && check.measure().station() != null) {
                stations.add(check.measure().station());
            }
            for (var outcome : check.outcomes()) {
                if (outcome.blockedUpTo() != null) {
                    stations.add(outcome.blockedUpTo());
                }
                addOf(outcome.causes().keySet(), pack, stations);
            }
        }
        return stations;
    }

    private static void addOf(Set<String> faults, Pack pack, Set<String> stations) {
        faults.forEach(fault -> stations.addAll(pack.fault(fault).at()));
    }
}
