package grimygasket.pack.work;

import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What somebody has to be qualified for before they may do some work. Who is qualified is for the local code, and for the business to
 * say of its people; nobody is until it has.
 */
public enum Competence {
    /** Measuring under voltage, and testing insulation and earth. */
    ELECTRICAL,
    /** What holds a charge after the plug is out: capacitors and drive electronics. */
    CAPACITORS,
    /** Burner, valve and pipe. */
    GAS,
    /** The sealed circuit of a heat pump. */
    REFRIGERANT;

    /**
     * Some of them, always in the same order, so that server and device write them alike.
     *
     * @param some null for none
     */
    public static Set<Competence> set(@Nullable Collection<Competence> some) {
        var set = EnumSet.noneOf(Competence.class);
        if (some != null) {
            set.addAll(some);
        }
        return Collections.unmodifiableSet(set);
    }

    /**
     * Whether somebody may do work that asks for a competence.
     *
     * @param asked null for work that any technician may do
     */
    public static boolean suffices(Set<Competence> held, @Nullable Competence asked) {
        return asked == null || held.contains(asked);
    }
}
