package grimygasket.server.board;

import ai.timefold.solver.core.api.score.buildin.simplelong.SimpleLongScore;
import ai.timefold.solver.core.api.score.calculator.EasyScoreCalculator;
import java.util.List;

/** What everybody's day costs together: the way, waiting, work with what is on board and by who is qualified, and what comes too late. */
public class DayCost implements EasyScoreCalculator<Day, SimpleLongScore> {
    /** For fewer minutes nobody's round is changed: estimate. */
    static final double ANOTHER_ROUND = 5;

    /** The score counts parts of a minute. */
    private static final double PARTS = 100;

    @Override
    public SimpleLongScore calculateScore(Day day) {
        double cost = 0;
        for (var van : day.vans()) {
            cost += cost(van, van.visits());
        }
        return SimpleLongScore.of(-Math.round(PARTS * cost));
    }

    /** With some visits, in that order. */
    static double cost(Van van, List<Visit> visits) {
        long others = visits.stream()
                .filter(visit -> !visit.account().equals(van.account()))
                .count();
        return van.with(visits).cost() + van.work(visits) + ANOTHER_ROUND * others;
    }
}
