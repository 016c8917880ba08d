package grimygasket.diagnosis.plan;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What to do now, and what it is expected to take.
 *
 * @param next the best step; null once the machine is proved to work
 * @param alternatives every other possible step, best first
 * @param expectedMinutes from now to a proved cure or to handing on; 0 once proved
 * @param order the remedies in the order in which they would be done if nothing more were learnt
 * @param heldBack remedies that are not advised before something else is cleared or cured
 */
public record Plan(
        @Nullable Step next,
        List<Step> alternatives,
        double expectedMinutes,
        List<Milestone> order,
        List<HeldBack> heldBack) {
    public static final Plan DONE = new Plan(null, List.of(), 0, List.of(), List.of());

    /** The same with no more than so many alternatives. */
    public Plan brief(int most) {
        return new Plan(
                next, alternatives.subList(0, Math.min(most, alternatives.size())), expectedMinutes, order, heldBack);
    }

    /** All steps, the next among them, best first; without what their answers would mean. */
    public List<Step> steps() {
        return all().map(Step::brief).toList();
    }

    /** One of all steps, the next or another. */
    public Optional<Step> step(Step.Kind kind, String id) {
        return all().filter(step -> step.kind() == kind && step.id().equals(id)).findFirst();
    }

    private Stream<Step> all() {
        return Stream.concat(Optional.ofNullable(next).stream(), alternatives.stream());
    }

    /**
     * A point on the curve of chance cured against minutes.
     *
     * @param remedy its id
     * @param minutes from now until it is proved
     * @param cured chance that the machine works by then, 0 to 1
     */
    public record Milestone(String remedy, double minutes, double cured) {}

    /**
     * @param remedy its id
     * @param causes ids of the faults that bring about what it cures, neither cleared nor cured yet
     */
    public record HeldBack(String remedy, List<String> causes) {}
}
