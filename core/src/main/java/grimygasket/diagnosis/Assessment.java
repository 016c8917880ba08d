package grimygasket.diagnosis;

import grimygasket.diagnosis.plan.Plan;
import grimygasket.diagnosis.plan.Step;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What the evidence says.
 *
 * @param ranking every possible fault, likeliest first
 * @param noneOfThese chance that no listed fault is present, 0 to 1
 * @param paths the machine's paths, with what is known of each station
 * @param plan what to do about it
 * @param misfits findings that go badly with the others; empty where nothing contradicts
 * @param turns answers that would put another cause first, likeliest answer first
 * @param dangers faults to beware of however improbable they are, while they are possible
 * @param massCutOff prior probability of more faults at once than are considered together, 0 to 1
 */
public record Assessment(
        List<Suspect> ranking,
        double noneOfThese,
        List<PathState> paths,
        Plan plan,
        List<Misfit> misfits,
        List<Turn> turns,
        List<Danger> dangers,
        double massCutOff) {

    /** The same where nothing is to be found: with no plan, and nothing that would change one. */
    public Assessment withoutPlan() {
        return new Assessment(ranking, noneOfThese, paths, Plan.DONE, misfits, List.of(), dangers, massCutOff);
    }

    /** So many suspects and alternatives are looked at closely by anybody. */
    private static final int LOOKED_AT = 6;

    /**
     * The same, as it travels: why is told of the first suspects alone, and only the first alternatives are; see {@link
     * Plan#steps} for the others.
     */
    public Assessment brief() {
        return new Assessment(
                IntStream.range(0, ranking.size())
                        .mapToObj(i ->
                                i < LOOKED_AT ? ranking.get(i) : ranking.get(i).brief())
                        .toList(),
                noneOfThese,
                paths,
                plan.brief(LOOKED_AT),
                misfits,
                turns,
                dangers,
                massCutOff);
    }

    /**
     * One fault.
     *
     * @param fault its id
     * @param chance that it is present now, or, on a cured machine, that it was
     * @param prior chance before any evidence
     * @param why how far each finding moved it
     * @param because the faults that may have brought it about, likeliest first
     */
    public record Suspect(String fault, double chance, double prior, List<Weight> why, List<Cause> because) {
        Suspect brief() {
            return new Suspect(fault, chance, prior, List.of(), because);
        }
    }

    /**
     * @param fault id of what brings another fault about
     * @param chance that it is present if the other is, 0 to 1
     */
    public record Cause(String fault, double chance) {}

    /**
     * What one finding said about one fault.
     *
     * @param finding its index in the evidence
     * @param decibans ten times the decimal logarithm of the ratio of the odds after and before it; they add up over the
     *     findings (Good, Probability and the Weighing of Evidence, 1950)
     */
    public record Weight(int finding, double decibans) {}

    /**
     * A finding that contradicts the others: one of them is mistaken, or several faults have come together.
     *
     * @param finding its index in the evidence
     * @param expected how likely it was, given all others since the last remedy, 0 to 1
     */
    public record Misfit(int finding, double expected) {}

    /**
     * An answer that would change the mind.
     *
     * @param kind of the step that may give it, a question or a check
     * @param id of that step
     * @param step its name
     * @param answer in words
     * @param chance that it will be this one, 0 to 1
     * @param leader id of the fault that would then be likeliest; null for none of these
     * @param leaderChance how likely that would then be, 0 to 1
     */
    public record Turn(
            Step.Kind kind,
            String id,
            String step,
            String answer,
            double chance,
            @Nullable String leader,
            double leaderChance) {}

    /**
     * @param fault its id
     * @param caution id of what to beware of
     * @param chance that it is present, 0 to 1
     */
    public record Danger(String fault, String caution, double chance) {}

    public record PathState(String path, List<StationState> stations) {}

    /**
     * What is known of one station.
     *
     * @param chance that something is wrong there, 0 to 1
     * @param cleared whether evidence has spoken for it so far that it need not be looked at
     */
    public record StationState(String station, double chance, boolean cleared) {}
}
