package grimygasket.pack.evidence;

import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a symptom that can hurt asks for: what to do at once, and what has to be seen before the machine has power again.
 *
 * @param caution id of the caution that says what to do at once
 * @param cleared ids of the checks that must all find nothing before the machine has power again, in their order; empty where
 *     nobody but licensed people may give it back, so that the call can only be handed on
 * @param proof id of the proof that every call with this alarm ends with; null where nothing is cleared
 */
public record Alarm(
        String caution, List<String> cleared, @Nullable String proof) {
    public Alarm {
        Arguments.text("caution of an alarm", caution);
        cleared = Lists.copy(cleared);
        if (cleared.isEmpty() != (proof == null)) {
            throw new IllegalArgumentException("the alarm " + caution
                    + " is cleared by checks and then proved, or by neither: it names one of both");
        }
    }
}
