package grimygasket.pack.work;

import grimygasket.pack.machine.Needs;
import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;

/**
 * Advice to the customer: what prevents a fault from coming back.
 *
 * @param text one or two sentences, as said to the customer
 * @param faults ids of the faults that it prevents; at least one
 * @param needs see {@link Needs}
 */
public record Habit(String text, List<String> faults, List<String> needs) {
    public Habit {
        Arguments.text("text of a habit", text);
        faults = Lists.copy(faults);
        needs = Lists.copy(needs);
        if (faults.isEmpty()) {
            throw new IllegalArgumentException("the habit “" + text + "” prevents nothing");
        }
    }
}
