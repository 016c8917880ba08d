package grimygasket.server.board;

import ai.timefold.solver.core.api.score.buildin.simplelong.SimpleLongScore;
import ai.timefold.solver.core.api.score.calculator.IncrementalScoreCalculator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * What everybody's day costs together: the way, waiting, work with what is on board and by who is qualified, and what comes too late. Of
 * a change only the vans are reckoned anew that it is about.
 */
public class DayCost implements IncrementalScoreCalculator<Day, SimpleLongScore> {
    /** For fewer minutes nobody's round is changed: estimate. */
    static final double ANOTHER_ROUND = 5;

    /** The score counts parts of a minute. */
    private static final double PARTS = 100;

    private final Map<Van, Long> costs = new IdentityHashMap<>();
    private long sum;

    /** With some visits, in that order. */
    static double cost(Van van, List<Visit> visits) {
        long others = visits.stream()
                .filter(visit -> !visit.account().equals(van.account()))
                .count();
        return van.with(visits).cost() + van.work(visits) + ANOTHER_ROUND * others;
    }

    @Override
    public void resetWorkingSolution(Day day) {
        costs.clear();
        sum = 0;
        day.vans().forEach(this::reckon);
    }

    private void reckon(Van van) {
        long cost = Math.round(PARTS * cost(van, van.visits()));
        var before = costs.put(van, cost);
        sum += cost - (before == null ? 0 : before);
    }

    @Override
    public void afterListVariableChanged(Object van, String variable, int from, int to) {
        reckon((Van) van);
    }

    @Override
    public SimpleLongScore calculateScore() {
        return SimpleLongScore.of(-sum);
    }

    @Override
    public void beforeListVariableChanged(Object van, String variable, int from, int to) {
        // What it cost is kept.
    }

    @Override
    public void beforeListVariableElementAssigned(String variable, Object visit) {
        // Told of the van, too.
    }

    @Override
    public void afterListVariableElementAssigned(String variable, Object visit) {
        // Told of the van, too.
    }

    @Override
    public void beforeListVariableElementUnassigned(String variable, Object visit) {
        // Told of the van, too.
    }

    @Override
    public void afterListVariableElementUnassigned(String variable, Object visit) {
        // Told of the van, too.
    }

    @Override
    public void beforeEntityAdded(Object van) {
        // Nobody comes while it is planned.
    }

    @Override
    public void afterEntityAdded(Object van) {
        // Nobody comes while it is planned.
    }

    @Override
    public void beforeVariableChanged(Object van, String variable) {
        // Their visits are all that changes.
    }

    @Override
    public void afterVariableChanged(Object van, String variable) {
        // Their visits are all that changes.
    }

    @Override
    public void beforeEntityRemoved(Object van) {
        // Nobody leaves while it is planned.
    }

    @Override
    public void afterEntityRemoved(Object van) {
        // Nobody leaves while it is planned.
    }
}
