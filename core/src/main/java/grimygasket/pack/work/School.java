package grimygasket.pack.work;

import grimygasket.pack.machine.Needs;
import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A question on which good practitioners disagree. The technician chooses a school in the settings; what is advised
 * depends on it through {@link Needs}.
 *
 * @param id unique within the pack; the same id in several packs is one setting
 * @param question what it is about
 * @param usual the choice taken where nobody has chosen
 * @param upkeep the choice on a visit for upkeep, whatever the technician does else; null where that makes no difference
 * @param why the reason for the usual choice
 * @param choices at least two, the usual one among them
 */
public record School(
        String id, String question, String usual, @Nullable String upkeep, String why, List<Way> choices) {
    /**
     * One way to answer it, with an id unique within the question.
     *
     * @param calendar by which those who follow it set the next date; null where it is not about dates
     */
    public record Way(String id, String name, @Nullable CleaningCalendar calendar) {
        public Way {
            Arguments.text("choice id", id);
            Arguments.text("name of choice " + id, name);
        }

        /** A choice that is not about dates. */
        public static Way of(String id, String name) {
            return new Way(id, name, null);
        }
    }

    public School {
        Arguments.text("school id", id);
        Arguments.text("question of school " + id, question);
        Arguments.text("why of school " + id, why);
        choices = Lists.copy(choices);
        requireChoice(id, usual, choices);
        if (upkeep != null) {
            requireChoice(id, upkeep, choices);
        }
    }

    private static void requireChoice(String school, String choice, List<Way> choices) {
        if (choices.stream().noneMatch(option -> option.id().equals(choice))) {
            throw new IllegalArgumentException("school " + school + " has no choice " + choice);
        }
    }

    /** The school that is chosen; the usual one for a choice that there is not. */
    public Way way(@Nullable String choice) {
        return find(choice).or(() -> find(usual)).orElseThrow();
    }

    private Optional<Way> find(@Nullable String choice) {
        return choices.stream().filter(option -> option.id().equals(choice)).findFirst();
    }
}
