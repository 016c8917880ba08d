package grimygasket.units;

import java.util.function.DoubleBinaryOperator;
import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;

/**
 * A formula of one to six values, which it takes and gives in base units. Each has a name where the formula is written
 * down; how many there are is known, so that one with too few or too many inputs cannot be evaluated.
 */
public final class Formula {
    private final int inputs;
    private final ToDoubleFunction<double[]> law;

    /** A formula of three values. */
    public interface Three {
        double of(double a, double b, double c);
    }

    /** A formula of four values. */
    public interface Four {
        double of(double a, double b, double c, double d);
    }

    /** A formula of five values. */
    public interface Five {
        double of(double a, double b, double c, double d, double e);
    }

    /** A formula of six values. */
    public interface Six {
        double of(double a, double b, double c, double d, double e, double f);
    }

    private Formula(int inputs, ToDoubleFunction<double[]> law) {
        this.inputs = inputs;
        this.law = law;
    }

    public static Formula of(DoubleUnaryOperator law) {
        return new Formula(1, v -> law.applyAsDouble(v[0]));
    }

    public static Formula of(DoubleBinaryOperator law) {
        return new Formula(2, v -> law.applyAsDouble(v[0], v[1]));
    }

    public static Formula of(Three law) {
        return new Formula(3, v -> law.of(v[0], v[1], v[2]));
    }

    public static Formula of(Four law) {
        return new Formula(4, v -> law.of(v[0], v[1], v[2], v[3]));
    }

    public static Formula of(Five law) {
        return new Formula(5, v -> law.of(v[0], v[1], v[2], v[3], v[4]));
    }

    public static Formula of(Six law) {
        return new Formula(6, v -> law.of(v[0], v[1], v[2], v[3], v[4], v[5]));
    }

    /**
     * The value at some point.
     *
     * @param at as many values as it has inputs
     */
    double at(double... at) {
        if (at.length != inputs) {
            throw new IllegalArgumentException("a formula of " + inputs + " values, not of " + at.length);
        }
        return law.applyAsDouble(at);
    }
}
