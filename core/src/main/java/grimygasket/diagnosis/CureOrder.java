package grimygasket.diagnosis;

import grimygasket.pack.Remedy;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What it costs to go on by remedies alone: each followed by its proof, in the order of chance of cure for the cost, until
 * the machine works or handing on is cheaper.
 *
 * <p>The order is greedy by efficiency (Kalagnanam and Henrion, 1990); remedies behind the same closed layers compete
 * together, the layers paid once (Langseth and Jensen, 2003). The cost of the order is exact for the belief: each step is
 * weighed with the chance that the machine still fails when it is reached. A remedy before which something is looked at is done
 * only if the look shows what it is for.
 */
final class CureOrder {
    /** Of a chance of cure for a minute, no more can be told. */
    private static final double FINE = 1e12;

    /** Below this chance of cure a remedy is not worth putting in the order. */
    private static final double NEGLIGIBLE = 1e-3;

    /**
     * The order ends where the next remedy saves less than this share of what it costs: those after it are less efficient
     * still. It is below 1, as a remedy that does not pay alone may pay with its neighbours.
     */
    private static final double WORTH = 0.8;

    /** From this chance of cure on, a remedy without a part is one that should be tried before a part is fitted. */
    private static final double OFTEN = 0.3;

    private final Network network;
    private final Access access;
    private final Prerequisites before;
    private final Item[] items;
    private final long[] chains;

    /** By item, the items that aim at one of its faults, itself among them. */
    private final int[][] rivals;

    /** The items that something has to come before. */
    private final int[] waiting;

    private final double referMinutes;

    /** By set, the minutes that the quickest remedies of its faults take in all: whoever comes next has that to do, too. */
    private final double[] workLeft;

    /** Indices of the items, the most efficient first, as things stand now: futures differ little from it. */
    private final int[] usual;

    /**
     * A remedy with its price.
     *
     * @param faults that it aims at, ascending
     * @param aims the same as bits
     * @param causes faults that have to be cleared or cured before it, as bits
     * @param looks looks that have to be made before it, as bits
     * @param minutes with the proof, without access
     * @param price of its parts in minutes
     * @param due whether its parts have to be paid whoever cures what it aims at, as nothing but a part does
     */
    private record Item(
            Remedy remedy,
            int[] faults,
            long aims,
            double[] chances,
            long chain,
            long causes,
            long looks,
            double minutes,
            double price,
            boolean due) {}

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
    record Value(double cost, double minutes, List<Leg> legs) {
        /** What would be done first; handing on if nothing. */
        String first() {
            return legs.isEmpty() ? "refer" : legs.get(0).remedy().id();
        }
    }

    /**
     * @param belief as it is now; those that are valued are about the same sets
     * @param now how things stand
     */
    CureOrder(Network network, Prerequisites before, Van van, List<Remedy> remedies, Belief belief, Situation now) {
        this.network = network;
        this.access = network.access;
        this.before = before;
        this.referMinutes = network.pack.referMinutes();
        long spared = spared(remedies);
        this.items = remedies.stream()
                .map(r -> {
                    double minutes = r.minutes()
                            + network.pack.proof(r.proof()).minutes()
                            + van.waiting(network.pack, r).charged();
                    var cures = network.cures(r);
                    var faults = IntStream.range(0, network.faults.size())
                            .filter(f -> cures[f] > 0)
                            .toArray();
                    long aims = IntStream.of(faults).mapToLong(f -> 1L << f).sum();
                    return new Item(
                            r,
                            faults,
                            aims,
                            IntStream.of(faults).mapToDouble(f -> cures[f]).toArray(),
                            access.chain(r.layer()),
                            before.causes(r),
                            before.looks(r.after()),
                            minutes,
                            van.priceInMinutes(network.pack, r.parts()),
                            (aims & spared) == 0);
                })
                .toArray(Item[]::new);
        this.rivals = new int[items.length][];
        for (int i = 0; i < items.length; i++) {
            rivals[i] = rivals(items[i]);
        }
        workLeft = belief.sets.totals(workLeft(van));
        this.waiting = IntStream.range(0, items.length)
                .filter(i -> (items[i].causes | items[i].looks) != 0)
                .toArray();
        this.chains =
                Arrays.stream(items).mapToLong(Item::chain).distinct().sorted().toArray();
        usual = IntStream.range(0, items.length).toArray();
        var run = new Run(belief, now, usual);
        run.start(null);
        run.rank();
    }

    /** The faults that something often cures without a part, as bits. */
    private long spared(List<Remedy> remedies) {
        long spared = 0;
        for (var remedy : remedies) {
            if (remedy.parts().isEmpty()) {
                var cures = network.cures(remedy);
                for (int f = 0; f < network.faults.size(); f++) {
                    spared |= cures[f] >= OFTEN ? 1L << f : 0;
                }
            }
        }
        return spared;
    }

    /** By fault, the minutes that its quickest remedy takes in all; 0 where nothing cures it. */
    private double[] workLeft(Van van) {
        var least = new double[network.faults.size()];
        for (var remedy : network.remedies) {
            var cures = network.cures(remedy);
            double minutes = remedy.minutes()
                    + network.pack.proof(remedy.proof()).minutes()
                    + van.waiting(network.pack, remedy).charged()
                    + access.minutes(access.chain(remedy.layer()), Access.CLOSED);
            for (int f = 0; f < least.length; f++) {
                if (cures[f] >= OFTEN) {
                    least[f] = least[f] == 0 ? minutes : Math.min(least[f], minutes);
                }
            }
        }
        return least;
    }

    private int[] rivals(Item one) {
        var found = new int[items.length];
        int count = 0;
        for (int i = 0; i < items.length; i++) {
            if ((one.aims & items[i].aims) != 0) {
                found[count++] = i;
            }
        }
        return Arrays.copyOf(found, count);
    }

    /** All costs of a remedy itself in minutes, its proof and part included; access and what comes before it not. */
    double cost(Belief belief, Remedy remedy) {
        var item = item(remedy);
        double gain = 0;
        for (int i = 0; i < item.faults.length; i++) {
            gain += belief.marginals()[item.faults[i]] * item.chances[i];
        }
        return item.minutes + lostPrice(item, gain);
    }

    /**
     * What of a part's price is a cost of fitting it now. Where only a part cures, it has to be paid whoever fits it, now or
     * after the call was handed on: then only a part that is fitted in vain is lost.
     *
     * @param gain chance that it cures what it aims at
     */
    private static double lostPrice(Item item, double gain) {
        return item.due ? item.price * Math.max(0, 1 - gain) : item.price;
    }

    /** All costs of trying a remedy, with what has to come before it and what has to be opened. */
    double costToTry(Belief belief, Situation now, Remedy remedy) {
        var run = new Run(belief, now, usual.clone());
        run.start(null);
        var item = item(remedy);
        return access.minutes(item.chain, now.open()) + run.costs[List.of(items).indexOf(item)];
    }

    /**
     * What handing on costs: giving up, and the work on what is listed, which somebody else has to do from its beginning. It is
     * less for a machine with which nothing listed is wrong.
     */
    double referCost(Belief belief) {
        if (belief.sets.count() != workLeft.length) {
            throw new IllegalArgumentException("a belief over " + belief.sets.count() + " sets is not about the "
                    + workLeft.length + " of this order");
        }
        return referMinutes + belief.chance(workLeft);
    }

    /** Minutes of a remedy itself, its proof and a return trip included, access not. */
    double minutes(Remedy remedy) {
        return item(remedy).minutes;
    }

    /** Whether something has to come before what a value would do first. */
    boolean isHeldBack(Value value, Situation now) {
        if (value.legs().isEmpty()) {
            return false;
        }
        var first = item(value.legs().get(0).remedy());
        return (first.causes & ~now.settled() | first.looks & ~now.looked()) != 0;
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
    Value from(Belief belief, Situation now, Remedy without) {
        var run = new Run(belief, now, usual.clone());
        run.start(without);
        while (run.next()) {}
        return run.best();
    }

    /** One walk down the order. */
    private final class Run {
        private final Belief belief;
        private final double[] present;
        private final double[] failed;
        private final double[] gone = FaultSets.factors(network.faults.size(), 0);
        private final double[] cured;
        private final boolean[] used = new boolean[items.length];
        private final double[] gains = new double[items.length];
        private final double[] efficiency = new double[items.length];
        private final int[] ranked;
        private final List<Leg> legs = new ArrayList<>();
        private final double[] costs = new double[items.length];
        private final Situation start;
        private Situation now;
        private double uncured = 1;
        private double elapsed;
        private double cost;
        private double minutes;
        /** Chance that it comes to handing on, times what that costs. */
        private double referring;

        private double bestCost;
        private double bestMinutes = referMinutes;
        private int bestLegs;

        /** @param ranked the order from which to start; it is changed */
        Run(Belief belief, Situation now, int[] ranked) {
            this.belief = belief;
            this.ranked = ranked;
            this.start = now;
            this.now = now;
            present = belief.marginals();
            referring = referCost(belief);
            bestCost = referring;
            cured = new double[belief.sets.count()];
            failed = new double[present.length];
            Arrays.fill(failed, 1);
        }

        void start(Remedy without) {
            for (int i = 0; i < items.length; i++) {
                used[i] = items[i].remedy == without;
                weigh(i);
            }
        }

        Value best() {
            return new Value(bestCost, bestMinutes, List.copyOf(legs.subList(0, bestLegs)));
        }

        boolean next() {
            // All further on costs at least what is spent by then.
            int pick = cost < bestCost ? pick() : -1;
            if (pick < 0) {
                return false;
            }
            var item = items[pick];
            double reach = access.minutes(item.chain, now.open());
            double share = share(item);
            double first = reach + before.minutes(item.causes, item.looks, now);
            cost += uncured * (first + share * (item.minutes + lostPrice(item, gains[pick] / uncured)));
            minutes += uncured * (first + share * item.minutes);
            elapsed += first + item.minutes;
            now = new Situation(
                    now.open() | item.chain, now.settled() | item.causes | item.aims, now.looked() | item.looks);
            used[pick] = true;
            apply(item);
            for (int rival : rivals[pick]) {
                weigh(rival);
            }
            for (int waiting : waiting) {
                if (!used[waiting]) {
                    weigh(waiting);
                }
            }
            legs.add(new Leg(item.remedy, elapsed, 1 - uncured));
            if (Ties.isLess(cost + referring, bestCost)) {
                bestCost = cost + referring;
                bestMinutes = minutes + uncured * referMinutes;
                bestLegs = legs.size();
            }
            return true;
        }

        private void apply(Item item) {
            for (int i = 0; i < item.faults.length; i++) {
                int fault = item.faults[i];
                failed[fault] *= 1 - item.chances[i];
                gone[fault] = 1 - failed[fault];
                for (int s : belief.sets.containing(fault)) {
                    double whole = belief.sets.product(gone, s);
                    double gained = belief.weight(s) * (whole - cured[s]);
                    uncured -= gained;
                    referring -= gained * (referMinutes + workLeft[s]);
                    cured[s] = whole;
                }
            }
        }

        private void weigh(int i) {
            gains[i] = used[i] ? 0 : gain(items[i]);
            costs[i] = share(items[i]) * (items[i].minutes + lostPrice(items[i], gains[i] / uncured))
                    + before.minutes(items[i].causes, items[i].looks, now);
            efficiency[i] = gains[i] > NEGLIGIBLE ? rounded(gains[i] / costs[i]) : 0;
        }

        /**
         * Chance that a remedy is done when its turn comes: one before which something is looked at is left out if the look
         * shows nothing.
         */
        private double share(Item item) {
            if ((item.looks & ~start.looked()) == 0) {
                return 1;
            }
            double share = 0;
            for (int fault : item.faults) {
                share += present[fault] * failed[fault];
            }
            return Math.min(1, share / uncured);
        }

        /** Chance that a remedy takes a fault away that is there and was not taken away before. */
        private double gain(Item item) {
            double gain = 0;
            for (int i = 0; i < item.faults.length; i++) {
                gain += present[item.faults[i]] * failed[item.faults[i]] * item.chances[i];
            }
            return gain;
        }

        /** Index of the remedy to do next; -1 if none is worth it. */
        private int pick() {
            rank();
            int best = -1;
            double bestEfficiency = WORTH * uncured * uncured / referring;
            for (long chain : chains) {
                double gain = 0;
                double price = access.minutes(chain, now.open());
                int first = -1;
                for (int i : ranked) {
                    // What is less efficient than the best, or than those gathered, makes neither better.
                    if (efficiency[i] <= bestEfficiency || efficiency[i] * price < gain) {
                        break;
                    }
                    if (items[i].chain == chain || isExposed(items[i].chain, chain)) {
                        first = first < 0 ? i : first;
                        gain += gains[i];
                        price += costs[i];
                        double together = rounded(gain / price);
                        if (together > bestEfficiency) {
                            bestEfficiency = together;
                            best = first;
                        }
                    }
                }
            }
            return best;
        }

        /** The same on every machine, see {@link Ties}; efficiencies are small. */
        private static double rounded(double efficiency) {
            return Math.floor(FINE * efficiency + 0.5) / FINE;
        }

        /** Whether opening a chain brings a remedy within reach that now is not. */
        private boolean isExposed(long remedyChain, long chain) {
            return (remedyChain & ~now.open()) != 0 && (remedyChain & ~(now.open() | chain)) == 0;
        }

        /** Puts the most efficient first, and those that gain next to nothing last. */
        private void rank() {
            // By insertion: from one step to the next the order hardly changes.
            for (int i = 1; i < ranked.length; i++) {
                int moved = ranked[i];
                int j = i;
                for (; j > 0 && efficiency[ranked[j - 1]] < efficiency[moved]; j--) {
                    ranked[j] = ranked[j - 1];
                }
                ranked[j] = moved;
            }
        }
    }
}
