package grimygasket.round;

import grimygasket.route.Shift;
import grimygasket.state.Zone;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A day's calls.
 *
 * @param minutesLeft expected, over all calls of the day that are not closed
 * @param leftOpen calls of earlier days that are not closed
 * @param load parts that the open calls may need, likeliest first
 * @param things tools, meters and agents for the same, by where they are looked for
 * @param plan how what is left of the day is expected to go; null for a day that is over, and where nothing is left
 */
public record Round(
        double minutesLeft,
        List<CallSummary> calls,
        List<CallSummary> leftOpen,
        List<PartToLoad> load,
        List<ThingToLoad> things,
        @Nullable DayPlan plan) {

    /**
     * @param ofDay in the order of the day
     * @param leftOpen from earlier days, the oldest first
     * @param shift of the business
     * @param now in milliseconds since 1970
     */
    public static Round of(List<OnRound> ofDay, List<OnRound> leftOpen, Shift shift, long now, Zone zone) {
        var calls = ofDay.stream().map(one -> CallSummary.of(one, now)).toList();
        var all = Stream.concat(ofDay.stream(), leftOpen.stream()).toList();
        return new Round(
                calls.stream()
                        .filter(call -> call.closedAt() == null)
                        .mapToDouble(CallSummary::minutes)
                        .sum(),
                calls,
                leftOpen.stream().map(one -> CallSummary.of(one, now)).toList(),
                PartToLoad.of(all),
                ThingToLoad.of(all, now),
                DayPlan.of(DayAhead.of(ofDay, shift, now, zone)));
    }
}
