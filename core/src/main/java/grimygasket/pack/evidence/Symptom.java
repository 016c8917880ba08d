package grimygasket.pack.evidence;

import grimygasket.pack.machine.Needs;
import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Something that can be seen, heard, smelt or asked, without tools, answered by yes or no.
 *
 * @param id unique within the pack
 * @param name as it is noted when present, for example "Water stands in the bottom"
 * @param ask the question that settles it
 * @param minutes to settle it, 0 to 600
 * @param leak chance of seeing it with none of its listed causes present, between 0 and 1
 * @param causes fault id to the chance that this fault alone shows the symptom, between 0 and 1
 * @param complaint whether customers complain of it unasked
 * @param needs what a machine must meet for it to be seen, see {@link Needs}
 * @param settles ids of the symptoms, facts and checks that need not be asked for once it is told, because it says what they
 *     would show
 * @param alarm what to do at once, before anything else is asked, and until when the machine has no power; null for a symptom
 *     that can wait
 * @param words what else people say of it
 */
public record Symptom(
        String id,
        String name,
        String ask,
        double minutes,
        double leak,
        Map<String, Double> causes,
        boolean complaint,
        List<String> needs,
        List<String> settles,
        @Nullable Alarm alarm,
        List<String> words) {
    public Symptom {
        Arguments.text("symptom id", id);
        Arguments.text("name of symptom " + id, name);
        Arguments.text("question of symptom " + id, ask);
        Arguments.minutes("minutes of symptom " + id, minutes);
        Arguments.open("leak of symptom " + id, leak);
        causes = Lists.copy(causes);
        needs = Lists.copy(needs);
        settles = Lists.copy(settles);
        words = Lists.copy(words);
        causes.forEach((fault, strength) -> Arguments.open("strength of " + fault + " for symptom " + id, strength));
    }
}
