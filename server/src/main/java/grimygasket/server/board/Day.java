package grimygasket.server.board;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactCollectionProperty;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.simplelong.SimpleLongScore;
import java.util.List;

/** Everybody's day, as the solver takes it. */
@PlanningSolution
public class Day {
    @PlanningEntityCollectionProperty
    private List<Van> vans;

    @ProblemFactCollectionProperty
    @ValueRangeProvider
    private List<Visit> visits;

    @PlanningScore
    private SimpleLongScore score;

    /** For the solver. */
    Day() {}

    Day(List<Van> vans, List<Visit> visits) {
        this.vans = vans;
        this.visits = visits;
    }

    List<Van> vans() {
        return vans;
    }
}
