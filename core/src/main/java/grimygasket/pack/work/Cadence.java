package grimygasket.pack.work;

import grimygasket.pack.machine.Needs;
import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;

/**
 * How often something is cleaned or replaced, where nothing else is known.
 *
 * @param id unique within the pack
 * @param task what is done, as an order
 * @param shortDays by the short calendar; 0 for before or after every use
 * @param longDays by the long calendar, at least {@code shortDays}
 * @param limitDays never longer, for safety's sake; 0 where there is no such limit
 * @param faults ids of the faults that it prevents
 * @param remedies ids of the remedies whose methods it is done by; those that a machine's features leave are all done
 * @param last whether it is done after all others, as a run that wants the rest clean
 * @param needs see {@link Needs}
 */
public record Cadence(
        String id,
        String task,
        int shortDays,
        int longDays,
        int limitDays,
        List<String> faults,
        List<String> remedies,
        boolean last,
        List<String> needs) {
    /** Ten years: nothing here is done less often. */
    private static final int MOST_DAYS = 3653;

    public Cadence {
        Arguments.text("cadence id", id);
        Arguments.text("task of cadence " + id, task);
        Arguments.between("shortDays of cadence " + id, shortDays, 0, MOST_DAYS);
        Arguments.between("longDays of cadence " + id, longDays, shortDays, MOST_DAYS);
        Arguments.between("limitDays of cadence " + id, limitDays, 0, MOST_DAYS);
        faults = Lists.copy(faults);
        remedies = Lists.copy(remedies);
        needs = Lists.copy(needs);
    }
}
