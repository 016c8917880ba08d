package grimygasket.diagnosis;

import grimygasket.diagnosis.Assessment.Misfit;
import grimygasket.diagnosis.belief.Belief;
import grimygasket.diagnosis.belief.Complaints;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Finds the findings that do not go together. A finding is a misfit if it was hardly to be expected, given all others, and
 * much less so than by itself.
 *
 * <p>Source: Jensen, Chamberlain, Nordahl and Jensen, Analysis in HUGIN of data conflict, 1990. Their measure is the
 * logarithm of the product of P(finding) over P(all findings); the part of one finding is P(finding) over P(finding | all
 * others).
 */
final class Conflict {
    /** Less expected than this, given the others ... */
    private static final double HARDLY_EXPECTED = 0.05;

    /** ... and that much less than by itself, in decibans. */
    private static final double AT_ODDS_DECIBANS = 6;

    private Conflict() {}

    /**
     * @param before what was believed before the findings
     * @param likelihoods of each finding under each set, but for what a complaint says as one; null for one that says nothing
     * @param complaints what those among the findings say
     * @param index of each finding in the evidence
     */
    static List<Misfit> among(Belief before, List<double[]> likelihoods, Complaints complaints, int[] index) {
        int n = likelihoods.size();
        // after[i]: by set, the product of the likelihoods from i on.
        var after = new double[n + 1][before.sets.count()];
        Arrays.fill(after[n], 1);
        for (int i = n - 1; i >= 0; i--) {
            multiply(after[i + 1], likelihoods.get(i), after[i]);
        }
        var told = complaints.together();
        var others = new double[before.sets.count()];
        multiply(after[0], told, others);
        double all = before.chance(others);
        var misfits = new ArrayList<Misfit>();
        var upTo = new double[before.sets.count()];
        Arrays.fill(upTo, 1);
        for (int i = 0; i < n; i++) {
            boolean complained = complaints.has(index[i]);
            if (complained || likelihoods.get(i) != null) {
                multiply(upTo, after[i + 1], others);
                multiply(others, complained ? complaints.without(index[i]) : told, others);
                double expected = all / before.chance(others);
                double alone = before.chance(alone(likelihoods.get(i), complained ? complaints.alone(index[i]) : null));
                if (expected < HARDLY_EXPECTED && 10 * Math.log10(alone / expected) >= AT_ODDS_DECIBANS) {
                    misfits.add(new Misfit(index[i], expected));
                }
                multiply(upTo, likelihoods.get(i), upTo);
            }
        }
        return List.copyOf(misfits);
    }

    private static double[] alone(double[] likelihood, double[] complaint) {
        if (likelihood == null || complaint == null) {
            return complaint == null ? likelihood : complaint;
        }
        multiply(complaint, likelihood, complaint);
        return complaint;
    }

    private static void multiply(double[] a, double[] b, double[] into) {
        for (int s = 0; s < into.length; s++) {
            into[s] = b == null ? a[s] : a[s] * b[s];
        }
    }
}
