package grimygasket.diagnosis.belief;

import grimygasket.pack.work.Remedy;
import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * A probability for every set of faults, summing to 1. Unchangeable: each step gives a new belief.
 */
public final class Belief {
    /** Chance that a machine works again after a remedy although nothing listed was wrong with it. */
    private static final double CURED_BY_CHANCE = 0.01;

    /** Chance that a proof passes although a fault that hinders its function is present. */
    private static final double PASSES_ALL_THE_SAME = 0.02;

    /** Probability that planning may leave out, 0 to 1. */
    private static final double NOT_PLANNED_FOR = 0.01;

    final Network network;
    public final FaultSets sets;
    private final double[] weights;
    private double[] marginals;

    private Belief(Network network, FaultSets sets, double[] weights) {
        this.network = network;
        this.sets = sets;
        double sum = 0;
        for (double weight : weights) {
            sum += weight;
        }
        for (int s = 0; s < weights.length; s++) {
            weights[s] /= sum;
        }
        this.weights = weights;
    }

    /**
     * Each set by the rates of its faults, times the rest staying sound; and then, because somebody called, the empty set
     * only by the pack's share of calls about nothing listed.
     */
    public static Belief prior(Network network) {
        var mass = network.priorMass.clone();
        mass[0] *= network.pack.unexplained();
        return new Belief(network, network.sets, mass);
    }

    /** Prior probability of all sets too large to be considered. */
    public static double massCutOff(Network network) {
        double kept = 0;
        for (double mass : network.priorMass) {
            kept += mass;
        }
        return 1 - kept;
    }

    /**
     * The same without its least likely sets, which together hold at most one part in a hundred: planning weighs many
     * futures, and those sets hardly change the best step.
     */
    public Belief thinned() {
        double least = leastPlannedFor();
        var wanted = new boolean[weights.length];
        for (int s = 0; s < weights.length; s++) {
            wanted[s] = weights[s] >= least;
        }
        var kept = sets.withSubsets(wanted);
        return new Belief(
                network,
                sets.only(kept),
                IntStream.of(kept).mapToDouble(s -> weights[s]).toArray());
    }

    /** A power of 2 so that the sets below it together hold at most what planning may leave out. */
    private double leastPlannedFor() {
        var massByExponent = new double[1 - Double.MIN_EXPONENT + 1];
        for (double weight : weights) {
            massByExponent[-Math.max(Math.getExponent(weight), Double.MIN_EXPONENT)] += weight;
        }
        double left = NOT_PLANNED_FOR;
        int exponent = massByExponent.length - 1;
        while (exponent > 0 && massByExponent[exponent] <= left) {
            left -= massByExponent[exponent--];
        }
        return Math.scalb(1, -exponent);
    }

    public double weight(int set) {
        return weights[set];
    }

    /** Chance that none of the listed faults is present. */
    public double none() {
        return weights[0];
    }

    /** Chance that two faults are present together. */
    public double both(int fault, int other) {
        double chance = 0;
        for (int s : sets.containing(fault)) {
            chance += (sets.bits(s) >> other & 1) == 1 ? weights[s] : 0;
        }
        return chance;
    }

    /** Chance of each fault, by index; not to be changed. */
    public double[] marginals() {
        if (marginals == null) {
            marginals = sets.sums(weights);
        }
        return marginals;
    }

    /** Chance of some sets, named by their indices. */
    public double chance(int[] some) {
        double chance = 0;
        for (int s : some) {
            chance += weights[s];
        }
        return chance;
    }

    /** Chance of something that is as likely under each set as said. */
    public double chance(double[] likelihood) {
        double chance = 0;
        for (int s = 0; s < weights.length; s++) {
            chance += weights[s] * likelihood[s];
        }
        return chance;
    }

    /** After something that is as likely under each set as said; see {@link Network#likelihood}. */
    public Belief given(double[] likelihood) {
        var next = new double[weights.length];
        for (int s = 0; s < next.length; s++) {
            next[s] = weights[s] * likelihood[s];
        }
        return new Belief(network, sets, next);
    }

    /** After a remedy that was proved to have cured the machine: what had been wrong with it. */
    public Belief givenCured(Remedy remedy) {
        var next = sets.products(network.cures(remedy), 1);
        next[0] = CURED_BY_CHANCE;
        for (int s = 0; s < next.length; s++) {
            next[s] *= weights[s];
        }
        return new Belief(network, sets, next);
    }

    /**
     * After a remedy that was proved not to have cured the machine: what is still wrong. Each fault that the remedy aims at is
     * gone with its chance of success. Where the complaint is known, the machine shows it still: a set that was left by a
     * fault keeps its weight only as far as the rest of it shows the complaint too, as what a fault shows it goes on showing.
     * Else the machine that would have become sound is ruled out.
     *
     * @param persistence see {@link Network#persistence}; null where no complaint is known
     */
    public Belief givenStillFailing(Remedy remedy, double[] persistence) {
        var cures = network.cures(remedy);
        var next = weights.clone();
        for (int fault = 0; fault < network.faults.size(); fault++) {
            if (cures[fault] > 0) {
                takeAway(fault, cures[fault], next, persistence);
            }
        }
        return new Belief(network, sets, next);
    }

    /**
     * After a remedy that was done as upkeep: what it takes away is gone with its chance of success, and no more is known. What
     * shows on every machine, sound ones too, tells nothing.
     */
    public Belief givenKeptUp(Remedy remedy) {
        var always = new double[sets.count()];
        Arrays.fill(always, 1);
        return givenStillFailing(remedy, always);
    }

    /**
     * After a remedy whose proof passed while the machine still fails in another way: as after one that failed, but what
     * hinders the proved function is hardly there any more.
     *
     * @param persistence of the complaints that the proof is not about
     */
    public Belief givenPartly(Remedy remedy, double[] persistence) {
        var next = givenStillFailing(remedy, persistence).weights.clone();
        var hinders = network.hinders(remedy.proof());
        for (int s = 1; s < next.length; s++) {
            for (int fault : sets.members(s)) {
                if (hinders[fault]) {
                    next[s] *= PASSES_ALL_THE_SAME;
                    break;
                }
            }
        }
        return new Belief(network, sets, next);
    }

    private void takeAway(int fault, double chance, double[] mass, double[] persistence) {
        for (int s : sets.containing(fault)) {
            double moved = mass[s] * chance;
            mass[s] -= moved;
            int rest = sets.without(s, position(sets.members(s), fault));
            if (persistence != null) {
                mass[rest] += moved * persistence[rest] / persistence[s];
            } else if (rest != 0) {
                mass[rest] += moved;
            }
        }
    }

    private static int position(int[] set, int fault) {
        int i = 0;
        while (set[i] != fault) {
            i++;
        }
        return i;
    }

    /** Chance that a remedy makes the machine whole. */
    public double chanceCured(Remedy remedy) {
        var whole = sets.products(network.cures(remedy), 1);
        whole[0] = 0;
        return chance(whole);
    }
}
