package grimygasket.pack;

import java.util.List;

/**
 * A question on which good practitioners disagree. The technician chooses a school in the settings; what is advised
 * depends on it through {@link Needs}.
 *
 * @param id unique within the pack; the same id in several packs is one setting
 * @param question what it is about
 * @param usual the choice taken where nobody has chosen
 * @param why the reason for the usual choice
 * @param choices at least two, the usual one among them
 */
public record School(String id, String question, String usual, String why, List<Option> choices) {
    /** One school, with an id unique within the question. */
    public record Option(String id, String name) {
        public Option {
            Arguments.text("choice id", id);
            Arguments.text("name of choice " + id, name);
        }
    }

    public School {
        Arguments.text("school id", id);
        Arguments.text("question of school " + id, question);
        Arguments.text("why of school " + id, why);
        choices = Lists.copy(choices);
        var chosen = usual;
        if (choices.stream().noneMatch(choice -> choice.id().equals(chosen))) {
            throw new IllegalArgumentException("school " + id + " has no choice " + usual);
        }
    }
}
