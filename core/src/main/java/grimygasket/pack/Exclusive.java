package grimygasket.pack;

import java.util.List;

/**
 * Signs of which only one can be: one question with a choice. They are in order of precedence, as the outcomes of a check
 * are.
 *
 * @param id unique within the pack, among signs too
 * @param ask the question
 * @param signs ids of at least two signs
 */
public record Exclusive(String id, String ask, List<String> signs) {
    public Exclusive {
        Arguments.text("id of an exclusive question", id);
        Arguments.text("question " + id, ask);
        signs = Lists.copy(signs);
        if (signs.size() < 2) {
            throw new IllegalArgumentException("the question " + id + " needs two signs or more");
        }
    }
}
