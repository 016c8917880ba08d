package grimygasket.diagnosis.belief;

/** How likely each set of faults is on a machine of which nothing is known yet. */
final class Prior {
    private Prior() {}

    /**
     * By set, the chance that exactly its faults have come: each by its rate, or brought by others of the set, and no other
     * although those of the set may bring it. A Bayesian network of noisy ORs (Pearl, 1988).
     */
    static double[] mass(Network network) {
        int faults = network.faults.size();
        var odds = FaultSets.factors(faults, 0);
        double sound = 1;
        for (int f = 0; f < faults; f++) {
            double rate = network.faults.get(f).rate();
            odds[f] = rate / (1 - rate);
            sound *= 1 - rate;
        }
        var mass = network.sets.products(odds, sound);
        for (int s = 1; s < mass.length; s++) {
            mass[s] *= brought(network, network.sets.members(s));
        }
        return mass;
    }

    /** By how much the chance of a set differs from that of faults which have nothing to do with each other. */
    private static double brought(Network network, int[] set) {
        double factor = 1;
        for (int cause : set) {
            factor *= network.bringsNothing(cause);
        }
        for (int fault : set) {
            double spared = 1;
            for (int cause : set) {
                spared *= network.spares(cause, fault);
            }
            if (spared < 1) {
                double rate = network.faults.get(fault).rate();
                // It is in the set, so that it was not spared is to be taken back from what was reckoned for all
                // causes.
                factor *= (1 - (1 - rate) * spared) / rate / spared;
            }
        }
        return factor;
    }
}
