package grimygasket.pack;

import java.util.List;
import java.util.Map;

/**
 * Something about a machine, its home or its use that makes faults likelier or less likely, before anything is wrong:
 * age, last cleaning, pets, hardness, habits.
 *
 * @param id unique within the pack
 * @param name as it is noted, for example "Last cleaned"
 * @param ask the question that settles it
 * @param choices at least two
 * @param needs what a machine must meet for the question to make sense, see {@link Needs}
 */
public record Fact(String id, String name, String ask, List<Choice> choices, List<String> needs) {
    private static final double MOST = 50;

    /**
     * One answer.
     *
     * @param id unique within the fact
     * @param name as a customer would say it
     * @param shifts fault id to the factor by which its odds are multiplied, 1/50 to 50
     */
    public record Choice(String id, String name, Map<String, Double> shifts) {
        public Choice {
            Range.text("choice id", id);
            Range.text("name of choice " + id, name);
            shifts = Lists.copy(shifts);
            shifts.forEach((fault, factor) ->
                    Range.between("factor of " + fault + " for choice " + id, factor, 1 / MOST, MOST));
        }
    }

    public Fact {
        Range.text("fact id", id);
        Range.text("name of fact " + id, name);
        Range.text("question of fact " + id, ask);
        choices = Lists.copy(choices);
        needs = Lists.copy(needs);
        if (choices.size() < 2) {
            throw new IllegalArgumentException("fact " + id + " needs two choices or more");
        }
    }

    /**
     * @throws IllegalArgumentException if the fact has no such choice
     */
    public Choice choice(String choiceId) {
        return choices.stream()
                .filter(choice -> choice.id().equals(choiceId))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("fact " + id + " has no choice " + choiceId));
    }
}
