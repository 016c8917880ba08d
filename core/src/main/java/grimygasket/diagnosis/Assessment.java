package grimygasket.diagnosis;

import java.util.List;

/**
 * What the evidence says.
 *
 * @param ranking every possible fault, likeliest first
 * @param noneOfThese chance that no listed fault is present, 0 to 1
 * @param paths the machine's paths, with what is known of each station
 * @param plan what to do about it
 * @param massCutOff prior probability of more faults at once than are considered together, 0 to 1
 */
public record Assessment(
        List<Suspect> ranking, double noneOfThese, List<PathState> paths, Plan plan, double massCutOff) {

    /**
     * One fault.
     *
     * @param fault its id
     * @param chance that it is present now, or, on a cured machine, that it was
     * @param prior chance before any evidence
     * @param why how far each finding moved it
     */
    public record Suspect(String fault, double chance, double prior, List<Weight> why) {}

    /**
     * What one finding said about one fault.
     *
     * @param finding its index in the evidence
     * @param decibans ten times the decimal logarithm of the ratio of the odds after and before it; they add up over the
     *     findings (Good, Probability and the Weighing of Evidence, 1950)
     */
    public record Weight(int finding, double decibans) {}

    public record PathState(String path, List<StationState> stations) {}

    /**
     * What is known of one station.
     *
     * @param chance that something is wrong there, 0 to 1
     * @param cleared whether evidence has spoken for it so far that it need not be looked at
     */
    public record StationState(String station, double chance, boolean cleared) {}
}
