package grimygasket.diagnosis.belief;

import grimygasket.pack.evidence.Fact;
import java.util.Map;

/**
 * How likely each choice of a fact is under each set of faults. A choice shifts the odds of faults; so, the other way
 * round, faults shift how often the choice is met:
 * {@code P(choice | S) = share * product over f in S of shift_f, over the sum of the same for all choices}.
 */
public final class FactModel {
    private final double[] shares;
    private final double[][] shifts;

    private FactModel(double[] shares, double[][] shifts) {
        this.shares = shares;
        this.shifts = shifts;
    }

    static FactModel of(Fact fact, Map<String, Integer> indexOf) {
        var choices = fact.choices();
        var shares = new double[choices.size()];
        var shifts = new double[choices.size()][];
        for (int c = 0; c < shares.length; c++) {
            shares[c] = choices.get(c).share();
            var factors = FaultSets.factors(indexOf.size(), 1);
            choices.get(c).shifts().forEach((fault, factor) -> {
                var index = indexOf.get(fault);
                if (index != null) {
                    factors[index] = factor;
                }
            });
            shifts[c] = factors;
        }
        return new FactModel(shares, shifts);
    }

    /** Chance of each choice, by its index, for every set. */
    public double[][] likelihoods(FaultSets sets) {
        var likelihoods = new double[shares.length][];
        for (int c = 0; c < shares.length; c++) {
            likelihoods[c] = sets.products(shifts[c], shares[c]);
        }
        for (int s = 0; s < sets.count(); s++) {
            double all = 0;
            for (var likelihood : likelihoods) {
                all += likelihood[s];
            }
            for (var likelihood : likelihoods) {
                likelihood[s] /= all;
            }
        }
        return likelihoods;
    }
}
