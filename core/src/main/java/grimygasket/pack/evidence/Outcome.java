package grimygasket.pack.evidence;

import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One possible answer of a check. A check's outcomes are in order of precedence: the first whose causes come through is
 * the one that is seen, the last is seen when none does.
 *
 * @param id unique within the check
 * @param name as a technician would say it
 * @param leak chance of this answer with none of its causes present; between 0 and 1, and ignored on the last outcome; 0 is
 *     taken for what the check's grade says
 * @param causes fault id to the chance that this fault alone gives this answer, between 0 and 1
 * @param blockedUpTo a station: the answer also follows from any fault that blocks its path there or before; null for
 *     none
 * @param seen chance that such a blockage shows as this answer, 0 to 1; 0 is taken for what the check's grade says
 * @param shows ids of the faults that give this answer as surely as the check's grade says
 * @param because why its chances differ from those of the grade; null where they do not, or where nobody has said
 */
public record Outcome(
        String id,
        String name,
        double leak,
        Map<String, Double> causes,
        @Nullable String blockedUpTo,
        double seen,
        List<String> shows,
        @Nullable String because) {
    public Outcome {
        Arguments.text("outcome id", id);
        Arguments.text("name of outcome " + id, name);
        Arguments.share("leak of outcome " + id, leak);
        causes = Lists.copy(causes);
        causes.forEach((fault, strength) -> Arguments.open("strength of " + fault + " for outcome " + id, strength));
        Arguments.share("seen of outcome " + id, seen);
        shows = Lists.copy(shows);
    }

    /** The same with the errors of a grade where it names none of its own. */
    Outcome graded(Grade grade) {
        var strengths = new LinkedHashMap<>(causes);
        shows.forEach(fault -> strengths.putIfAbsent(fault, 1 - grade.miss()));
        return new Outcome(
                id,
                name,
                leak == 0 ? grade.falseAlarm() : leak,
                strengths,
                blockedUpTo,
                blockedUpTo != null && seen == 0 ? 1 - grade.miss() : seen,
                shows,
                because);
    }
}
