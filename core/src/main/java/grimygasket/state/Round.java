package grimygasket.state;

import java.util.List;
import java.util.stream.Stream;

/**
 * A day's calls.
 *
 * @param minutesLeft expected, over all calls of the day that are not closed
 * @param leftOpen calls of earlier days that are not closed
 * @param load parts that the open calls may need, likeliest first
 */
public record Round(double minutesLeft, List<CallSummary> calls, List<CallSummary> leftOpen, List<PartToLoad> load) {

    /**
     * @param ofDay in the order of the day
     * @param leftOpen from earlier days, the oldest first
     * @param now in milliseconds since 1970
     */
    public static Round of(List<OnRound> ofDay, List<OnRound> leftOpen, long now) {
        var calls = ofDay.stream().map(one -> CallSummary.of(one, now)).toList();
        return new Round(
                calls.stream()
                        .filter(call -> call.closedAt() == null)
                        .mapToDouble(CallSummary::minutes)
                        .sum(),
                calls,
                leftOpen.stream().map(one -> CallSummary.of(one, now)).toList(),
                PartToLoad.of(Stream.concat(ofDay.stream(), leftOpen.stream()).toList()));
    }
}
