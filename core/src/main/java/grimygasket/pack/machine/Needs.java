package grimygasket.pack.machine;

import java.util.Collection;
import java.util.List;

/**
 * Conditions on a machine and on how its technician works, all of which must hold. Each is the id of a feature that the
 * machine has, or {@code school=choice} for a school that the technician follows; with a {@code !} before it, one that the
 * machine lacks or that the technician does not follow.
 */
public final class Needs {
    private Needs() {}

    /**
     * @param needs the conditions; none always holds
     * @param traits ids of features, and {@code school=choice} for every school
     */
    public static boolean met(List<String> needs, Collection<String> traits) {
        for (var need : needs) {
            if (need.startsWith("!") == traits.contains(trait(need))) {
                return false;
            }
        }
        return true;
    }

    /** The trait that a need is about, such as "gas" of "!gas". */
    public static String trait(String need) {
        return need.startsWith("!") ? need.substring(1) : need;
    }
}
