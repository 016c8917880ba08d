package grimygasket.pack;

import java.util.Map;

/**
 * One possible answer of a check. A check's outcomes are in order of precedence: the first whose causes come through is
 * the one that is seen, the last is seen when none does.
 *
 * @param id unique within the check
 * @param name as a technician would say it
 * @param leak chance of this answer with none of its causes present; between 0 and 1, and ignored on the last outcome
 * @param causes fault id to the chance that this fault alone gives this answer, between 0 and 1
 * @param blockedUpTo a station: the answer also follows from any fault that blocks its path there or before; null for
 *     none
 * @param seen chance that such a blockage shows as this answer, 0 to 1
 */
public record Outcome(
        String id, String name, double leak, Map<String, Double> causes, String blockedUpTo, double seen) {
    public Outcome {
        Range.text("outcome id", id);
        Range.text("name of outcome " + id, name);
        Range.share("leak of outcome " + id, leak);
        causes = Lists.copy(causes);
        causes.forEach((fault, strength) -> Range.open("strength of " + fault + " for outcome " + id, strength));
        Range.share("seen of outcome " + id, seen);
    }
}
