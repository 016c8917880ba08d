package grimygasket.units;

/**
 * A computed value with the interval that holds the true one in 95 of 100 cases.
 *
 * @param value in the quantity's base unit
 * @param low the interval's lower end, at most {@code value}
 * @param high its upper end, at least {@code value}
 */
public record Estimate(Quantity quantity, double value, double low, double high) {
    /**
     * Coverage factor: standard uncertainties on each side that hold 95 of 100. An uncertainty is itself only known to about a
     * sixth, which makes some 20 degrees of freedom: Student's t, JCGM 100:2008, sections G.3 and G.4.2.
     */
    public static final double COVERAGE = 2.09;

    public Estimate {
        if (!(low <= value && value <= high)) {
            throw new IllegalArgumentException(value + " does not lie between " + low + " and " + high);
        }
    }

    public static Estimate exact(Quantity quantity, double value) {
        return new Estimate(quantity, value, value, value);
    }

    /**
     * What follows from some measured values. The inputs are moved together along the direction in which the result
     * changes most for their uncertainties, by {@link #COVERAGE} standard uncertainties either way, and the function is taken there: for a
     * function that goes one way along it this is the exact interval, however bent it is.
     *
     * <p>Source: first-order reliability method, Hasofer and Lind, Exact and invariant second-moment code format, 1974;
     * for a straight function it is the law of propagation of uncertainty, JCGM 100:2008, section 5.1.2.
     *
     * @param formula of the values in the order of the inputs, in base units; finite wherever they can lie
     */
    public static Estimate of(Quantity quantity, Formula formula, Amount... inputs) {
        var at = new double[inputs.length];
        for (int i = 0; i < at.length; i++) {
            at[i] = inputs[i].value();
        }
        double value = formula.at(at);
        var pull = new double[at.length];
        double squares = 0;
        for (int i = 0; i < at.length; i++) {
            double uncertainty = inputs[i].standardUncertainty();
            if (uncertainty > 0) {
                // As far out as the interval reaches: nearer by, a function that is cut off at its end may seem level.
                double far = COVERAGE * uncertainty;
                pull[i] = (moved(formula, at, i, far) - moved(formula, at, i, -far)) / 2;
                squares += pull[i] * pull[i];
            }
        }
        if (squares == 0) {
            return exact(quantity, value);
        }
        var up = at.clone();
        var down = at.clone();
        for (int i = 0; i < at.length; i++) {
            double step = COVERAGE * inputs[i].standardUncertainty() * pull[i] / Math.sqrt(squares);
            up[i] += step;
            down[i] -= step;
        }
        double a = formula.at(down);
        double b = formula.at(up);
        return new Estimate(quantity, value, Math.min(value, Math.min(a, b)), Math.max(value, Math.max(a, b)));
    }

    private static double moved(Formula formula, double[] at, int input, double by) {
        var there = at.clone();
        there[input] += by;
        return formula.at(there);
    }
}
