package grimygasket.diagnosis.belief;

import java.util.Map;

/**
 * A noisy OR: each cause that is present brings the effect about on its own with its strength, and so does, with the
 * leak, whatever is not listed. {@code P(effect | S) = 1 - (1 - leak) * product over f in S of (1 - strength_f)}.
 *
 * <p>Source: Pearl, Probabilistic Reasoning in Intelligent Systems, 1988, section 4.3.2; leak: Henrion, 1989.
 */
public final class NoisyOr {
    private final double leak;
    private final double[] silent;

    private NoisyOr(double leak, double[] silent) {
        this.leak = leak;
        this.silent = silent;
    }

    /**
     * @param leak chance of the effect without any listed cause, 0 to 1
     * @param strengths by fault index; a fault not named has no influence
     * @param faults number of faults
     */
    static NoisyOr of(double leak, Map<Integer, Double> strengths, int faults) {
        var silent = FaultSets.factors(faults, 1);
        strengths.forEach((fault, strength) -> silent[fault] = 1 - strength);
        return new NoisyOr(leak, silent);
    }

    public double leak() {
        return leak;
    }

    /** Chance of the effect where one fault is present alone. */
    public double chance(int fault) {
        return 1 - (1 - leak) * silent[fault];
    }

    /** Chance of the effect, or of its absence, given that exactly the faults of a set are present; for every set. */
    public double[] likelihood(FaultSets sets, boolean present) {
        var likelihood = sets.products(silent, 1 - leak);
        for (int s = 0; present && s < likelihood.length; s++) {
            likelihood[s] = 1 - likelihood[s];
        }
        return likelihood;
    }
}
