package grimygasket.pack.machine;

import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;

/**
 * Symptoms of which only one can be: one question with a choice. They are in order of precedence, as the outcomes of a check
 * are.
 *
 * @param id unique within the pack, among symptoms too
 * @param ask the question
 * @param symptoms ids of at least two symptoms
 */
public record Exclusive(String id, String ask, List<String> symptoms) {
    public Exclusive {
        Arguments.text("id of an exclusive question", id);
        Arguments.text("question " + id, ask);
        symptoms = Lists.copy(symptoms);
        if (symptoms.size() < 2) {
            throw new IllegalArgumentException("the question " + id + " needs two symptoms or more");
        }
    }
}
