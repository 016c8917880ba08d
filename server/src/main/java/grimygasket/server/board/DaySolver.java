package grimygasket.server.board;

import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.score.director.ScoreDirectorFactoryConfig;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import java.util.List;

/** Looks for the plan of everybody's day that costs least, as long as somebody waits for it. */
final class DaySolver {
    private static final long LEAST_MILLIS = 2_000L;
    private static final long MILLIS_A_VISIT = 60L;
    /** So long without a better plan, and it is taken to be as good as it gets. */
    private static final long WITHOUT_GAIN_MILLIS = 1_000L;

    private DaySolver() {}

    /**
     * @param vans with the visits that they have now
     * @param visits all that can be planned, those that nobody has among them
     * @return the same vans with the visits that they would make
     */
    static List<Van> solve(List<Van> vans, List<Visit> visits) {
        return solve(
                vans,
                visits,
                new TerminationConfig()
                        .withMillisecondsSpentLimit(LEAST_MILLIS + MILLIS_A_VISIT * visits.size())
                        .withUnimprovedMillisecondsSpentLimit(WITHOUT_GAIN_MILLIS));
    }

    /** The same, as long as a limit says: by counting moves it finds the same on a slow machine as on a fast one. */
    static List<Van> solve(List<Van> vans, List<Visit> visits, TerminationConfig limit) {
        var config = new SolverConfig()
                .withSolutionClass(Day.class)
                .withEntityClasses(Van.class)
                .withScoreDirectorFactory(
                        new ScoreDirectorFactoryConfig().withIncrementalScoreCalculatorClass(DayCost.class))
                .withTerminationConfig(limit);
        return SolverFactory.<Day>create(config)
                .buildSolver()
                .solve(new Day(vans, visits))
                .vans();
    }
}
