package grimygasket.diagnosis.belief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * What somebody complains of, between two changes of the machine. They called for one of their complaints, nobody knows which; the others
 * are told because somebody is there at last. So the likelihood of all is the mean over each as the reason of the call:
 * {@code P(c1 ... cn | S) = 1/n * sum over i of P(ci | S, reason) * product over j != i of P(cj | S, noticed)}. An unlisted fault looks
 * like one of the listed, for all complaints together: {@code P(c1 ... cn | none) = sum over f of rate_f * P(c1 ... cn | {f}) / sum of
 * the rates}, or what the first formula says, whichever is more.
 *
 * <p>Source: noisy ORs as in Heckerman, A tractable inference algorithm for diagnosing multiple diseases, 1989; mixed over a hidden
 * reason as in McLachlan and Peel, Finite Mixture Models, 2000. That the reasons weigh alike, and that one unlisted fault stands for all,
 * are estimates.
 */
public final class Complaints {
    /** A complaint that was the reason of a call comes without any of its causes so much more seldom than the same symptom is noticed: estimate. */
    public static final double MISTAKEN = 0.03;

    private record One(int finding, double[] reason, double[] noticed) {}

    private final Network network;
    private final List<One> all = new ArrayList<>();

    /** None yet. */
    public Complaints(Network network) {
        this.network = network;
    }

    /**
     * One more is told.
     *
     * @param finding its place in the evidence
     * @param symptom its id
     * @return by set, how likely it comes with those before
     */
    public double[] tell(int finding, String symptom) {
        var before = together();
        all.add(new One(
                finding,
                network.reason(symptom).likelihood(network.sets, true),
                network.symptom(symptom).likelihood(network.sets, true)));
        var factor = together();
        for (int s = 0; s < factor.length; s++) {
            factor[s] = before[s] == 0 ? 0 : factor[s] / before[s];
        }
        return factor;
    }

    public boolean has(int finding) {
        return all.stream().anyMatch(one -> one.finding == finding);
    }

    /** By set, how likely all of them are told together; 1 where there are none. */
    public double[] together() {
        return together(all);
    }

    /** The same of all but one. */
    public double[] without(int finding) {
        return together(all.stream().filter(one -> one.finding != finding).toList());
    }

    /** The same of one alone. */
    public double[] alone(int finding) {
        return together(all.stream().filter(one -> one.finding == finding).toList());
    }

    private double[] together(List<One> some) {
        var noticed = new double[network.sets.count()];
        Arrays.fill(noticed, 1);
        if (some.isEmpty()) {
            return noticed;
        }
        var told = new double[noticed.length];
        for (var one : some) {
            for (int s = 0; s < told.length; s++) {
                told[s] = told[s] * one.noticed[s] + noticed[s] * one.reason[s];
                noticed[s] *= one.noticed[s];
            }
        }
        for (int s = 0; s < told.length; s++) {
            told[s] /= some.size();
        }
        told[0] = Math.max(told[0], unlisted(told));
        return told;
    }

    /** The mean over the single faults, by their rates. */
    private double unlisted(double[] told) {
        double all = 0;
        double showing = 0;
        for (int fault = 0; fault < network.faults.size(); fault++) {
            double rate = network.faults.get(fault).rate();
            all += rate;
            showing += rate * told[network.sets.alone(fault)];
        }
        return all == 0 ? 0 : showing / all;
    }
}
