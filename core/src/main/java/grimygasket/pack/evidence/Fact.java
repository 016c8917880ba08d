package grimygasket.pack.evidence;

import grimygasket.pack.machine.Needs;
import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;
import java.util.Map;

/**
 * Something about a machine, its home or its use that makes faults likelier or less likely, before anything is wrong:
 * age, last cleaning, pets, hardness, habits.
 *
 * @param id unique within the pack
 * @param name as it is noted, for example "Last cleaned"
 * @param ask the question that settles it
 * @param minutes to settle it, 0 to 600
 * @param choices at least two; their shares add up to 1
 * @param needs what a machine must meet for the question to make sense, see {@link Needs}
 */
public record Fact(String id, String name, String ask, double minutes, List<Choice> choices, List<String> needs) {
    private static final double MOST = 50;

    /**
     * One answer.
     *
     * @param id unique within the fact
     * @param name as a customer would say it
     * @param share how many of the machines that calls are about it is true of, between 0 and 1
     * @param shifts fault id to the factor by which its odds are multiplied, 1/50 to 50
     * @param words what people say when it is so
     */
    public record Choice(String id, String name, double share, Map<String, Double> shifts, List<String> words) {
        public Choice {
            Arguments.text("choice id", id);
            Arguments.text("name of choice " + id, name);
            Arguments.open("share of choice " + id, share);
            shifts = Lists.copy(shifts);
            words = Lists.copy(words);
            shifts.forEach((fault, factor) ->
                    Arguments.between("factor of " + fault + " for choice " + id, factor, 1 / MOST, MOST));
        }
    }

    public Fact {
        Arguments.text("fact id", id);
        Arguments.text("name of fact " + id, name);
        Arguments.text("question of fact " + id, ask);
        Arguments.minutes("minutes of fact " + id, minutes);
        choices = Lists.copy(choices);
        needs = Lists.copy(needs);
        if (choices.size() < 2) {
            throw new IllegalArgumentException("fact " + id + " needs two choices or more");
        }
        double sum = choices.stream().mapToDouble(Choice::share).sum();
        if (Math.abs(sum - 1) > 0.01) {
            throw new IllegalArgumentException("the shares of fact " + id + " must add up to 1, but are " + sum);
        }
    }

    /**
     * @throws IllegalArgumentException if the fact has no such choice
     */
    public int choiceIndex(String choice) {
        for (int i = 0; i < choices.size(); i++) {
            if (choices.get(i).id().equals(choice)) {
                return i;
            }
        }
        throw new IllegalArgumentException("fact " + id + " has no choice " + choice);
    }
}
