package grimygasket.diagnosis.plan;

import java.util.Comparator;
import java.util.function.ToDoubleFunction;

/**
 * Numbers that differ in nothing that anybody could know are the same: the last bits of exponentials differ from machine to machine,
 * and a phone would otherwise rank otherwise than the server what both know to be alike.
 */
public final class Ties {
    /** Chances and minutes are never known to so many places. */
    private static final double PARTS = 1e9;

    private Ties() {}

    /** The smallest first; what is the same stays in its order. */
    public static <T> Comparator<T> ascending(ToDoubleFunction<T> number) {
        return Comparator.comparingDouble(one -> Math.floor(PARTS * number.applyAsDouble(one) + 0.5));
    }

    /** The largest first; what is the same stays in its order. */
    public static <T> Comparator<T> descending(ToDoubleFunction<T> number) {
        return ascending(one -> -number.applyAsDouble(one));
    }

    static boolean isLess(double value, double other) {
        return PARTS * (other - value) > 1;
    }
}
