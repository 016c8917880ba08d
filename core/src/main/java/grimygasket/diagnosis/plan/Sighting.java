package grimygasket.diagnosis.plan;

import grimygasket.diagnosis.belief.Network;
import grimygasket.diagnosis.belief.NoisyOr;
import grimygasket.pack.evidence.Check;
import java.util.Arrays;

/**
 * What a look before a remedy shows of what the remedy aims at: the remedy is done if it shows it.
 *
 * @param look the look's bit, see {@link Prerequisites}
 * @param shows by fault that the remedy aims at, in its order, the chance that the look shows it, 0 to 1
 * @param falseAlarm chance that it shows one where none is, 0 to 1
 */
public record Sighting(long look, double[] shows, double falseAlarm) {
    /**
     * Of one fault alone, as a noisy OR over the outcomes that speak of any of the faults.
     *
     * @param faults indices of what the remedy aims at
     */
    static Sighting of(Network network, Check check, long look, int[] faults) {
        var shows = new double[faults.length];
        double silent = 1;
        var silence = new double[faults.length];
        Arrays.fill(silence, 1);
        for (var outcome : network.check(check.id())) {
            if (speaksOf(outcome, faults)) {
                silent *= 1 - outcome.leak();
                for (int i = 0; i < faults.length; i++) {
                    silence[i] *= 1 - outcome.chance(faults[i]);
                }
            }
        }
        for (int i = 0; i < faults.length; i++) {
            shows[i] = 1 - silence[i];
        }
        return new Sighting(look, shows, 1 - silent);
    }

    private static boolean speaksOf(NoisyOr outcome, int[] faults) {
        for (int fault : faults) {
            if (outcome.chance(fault) > outcome.leak()) {
                return true;
            }
        }
        return false;
    }

    /** Whether it tells anything of what the remedy aims at; a look that does not is only on the way to it. */
    boolean tells() {
        for (double shown : shows) {
            if (shown > falseAlarm) {
                return true;
            }
        }
        return false;
    }
}
