package grimygasket.diagnosis;

import grimygasket.pack.Remedy;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * What it costs to go on by remedies alone: each followed by its proof, in the order of chance of cure for the cost, until
 * the machine works or handing on is cheaper.
 *
 * <p>The order is greedy by efficiency (Kalagnanam and Henrion, 1990); remedies behind the same closed layers compete
 * together, the layers paid once (Langseth and Jensen, 2003). The cost of the order is exact for the belief: each step is
 * weighed with the chance that the machine still fails when it is reached.
 */
final class CureOrder {
    /** Below this chance of cure a remedy is not worth putting in the order. */
    private static final double NEGLIGIBLE = 1e-3;

    private final Network network;
    private final Access access;
    private final Item[] items;
    private final long[] chains;
    private final double referMinutes;

    /** A remedy with its price: minutes with the proof, and all costs in minutes, both without access. */
    private record Item(Remedy remedy, double[] cures, long chain, double minutes, double cost) {}

    /**
     * One remedy in the order.
     *
     * @param minutes from now until it is proved, if it comes to that
     * @param cured chance that the machine works by then
     */
    record Leg(Remedy remedy, double minutes, double cured) {}

    /**
     * @param cost expected cost to the end, in minutes, parts turned into minutes
     * @param minutes expected minutes to the end
     */
    record Value(double cost, double minutes, List<Leg> legs) {}

    CureOrder(Network network, Access access, Van van, List<Remedy> remedies) {
        this.network = network;
        this.access = access;
        this.referMinutes = network.pack.referMinutes();
        this.items = remedies.stream()
                .map(r -> {
                    double minutes = r.minutes()
                            + network.pack.proof(r.proof()).minutes()
                            + (van.carries(r.part()) ? 0 : van.returnTripMinutes());
                    return new Item(
                            r,
                            network.cures(r),
                            access.chain(r.layer()),
                            minutes,
                            minutes + van.priceInMinutes(r.part()));
                })
                .toArray(Item[]::new);
        this.chains =
                Arrays.stream(items).mapToLong(Item::chain).distinct().sorted().toArray();
    }

    /** All costs of a remedy itself in minutes, its proof and part included, access not. */
    double cost(Remedy remedy) {
        return item(remedy).cost;
    }

    /** Minutes of a remedy itself, its proof and a return trip included, access not. */
    double minutes(Remedy remedy) {
        return item(remedy).minutes;
    }

    private Item item(Remedy remedy) {
        for (var item : items) {
            if (item.remedy == remedy) {
                return item;
            }
        }
        throw new IllegalArgumentException("remedy " + remedy.id() + " is not in this order");
    }

    /**
     * @param without a remedy that is not to be used again; null for none
     */
    Value from(Belief belief, long open, Remedy without) {
        var run = new Run(belief, open);
        for (int i = 0; i < items.length; i++) {
            run.used[i] = items[i].remedy == without;
        }
        while (run.next()) {}
        return run.best();
    }

    /** One walk down the order. */
    private final class Run {
        private final Belief belief;
        private final double[] present;
        private final double[] failed;
        private final double[] cured;
        private final boolean[] used = new boolean[items.length];
        private final List<Leg> legs = new ArrayList<>();
        private long open;
        private double uncured = 1;
        private double elapsed;
        private double cost;
        private double minutes;
        private double bestCost = referMinutes;
        private double bestMinutes = referMinutes;
        private int bestLegs;

        Run(Belief belief, long open) {
            this.belief = belief;
            this.open = open;
            present = belief.marginals();
            failed = new double[present.length];
            Arrays.fill(failed, 1);
            cured = new double[network.sets.count()];
        }

        Value best() {
            return new Value(bestCost, bestMinutes, List.copyOf(legs.subList(0, bestLegs)));
        }

        boolean next() {
            int pick = pick();
            if (pick < 0) {
                return false;
            }
            var item = items[pick];
            double reach = access.minutes(item.chain, open);
            cost += uncured * (item.cost + reach);
            minutes += uncured * (item.minutes + reach);
            elapsed += item.minutes + reach;
            open |= item.chain;
            used[pick] = true;
            apply(item.cures);
            legs.add(new Leg(item.remedy, elapsed, 1 - uncured));
            if (cost + uncured * referMinutes < bestCost) {
                bestCost = cost + uncured * referMinutes;
                bestMinutes = minutes + uncured * referMinutes;
                bestLegs = legs.size();
            }
            return true;
        }

        private void apply(double[] cures) {
            for (int fault = 0; fault < cures.length; fault++) {
                if (cures[fault] > 0) {
                    failed[fault] *= 1 - cures[fault];
                    for (int s : network.sets.containing(fault)) {
                        double whole = 1;
                        for (int member : network.sets.members(s)) {
                            whole *= 1 - failed[member];
                        }
                        uncured -= belief.weight(s) * (whole - cured[s]);
                        cured[s] = whole;
                    }
                }
            }
        }

        private double gain(Item item) {
            double gain = 0;
            for (int fault = 0; fault < present.length; fault++) {
                gain += present[fault] * failed[fault] * item.cures[fault];
            }
            return gain;
        }

        /** Index of the remedy to do next; -1 if none is worth it. */
        private int pick() {
            var gains = new double[items.length];
            for (int i = 0; i < items.length; i++) {
                gains[i] = used[i] ? 0 : gain(items[i]);
            }
            int best = -1;
            double bestRatio = 0;
            for (long chain : chains) {
                long reached = open | chain;
                var behind = behind(reached, chain, gains);
                double sumGain = 0;
                double sumCost = access.minutes(chain, open);
                for (int i : behind) {
                    sumGain += gains[i];
                    sumCost += items[i].cost;
                    if (sumGain / sumCost > bestRatio) {
                        bestRatio = sumGain / sumCost;
                        best = behind.get(0);
                    }
                }
            }
            return best;
        }

        /** What opening a chain adds within reach (or, for one open already, all its own), most efficient first. */
        private List<Integer> behind(long reached, long chain, double[] gains) {
            var behind = new ArrayList<Integer>();
            for (int i = 0; i < items.length; i++) {
                boolean exposed = (items[i].chain & ~open) != 0 && (items[i].chain & ~reached) == 0;
                if (gains[i] > NEGLIGIBLE && (exposed || items[i].chain == chain)) {
                    behind.add(i);
                }
            }
            behind.sort((a, b) -> Double.compare(gains[b] / items[b].cost, gains[a] / items[a].cost));
            return behind;
        }
    }
}
