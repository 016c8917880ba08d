package grimygasket.diagnosis.plan;

import grimygasket.diagnosis.belief.Access;
import grimygasket.diagnosis.belief.Belief;
import grimygasket.diagnosis.belief.FaultSets;
import grimygasket.diagnosis.belief.Network;
import grimygasket.diagnosis.story.Van;
import grimygasket.pack.work.Remedy;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * What it costs to go on by remedies alone: each followed by its proof, in the order of chance of cure for the cost, until
 * the machine works or handing on is cheaper.
 *
 * <p>The order is greedy by efficiency (Kalagnanam and Henrion, 1990); remedies behind the same closed layers compete
 * together, the layers paid once (Langseth and Jensen, 2003). Layers that are closed for each proof are paid each time. The
 * cost of the order is exact for the belief: each step is weighed with the chance that the machine still fails when it is reached. A
 * remedy before which something is looked at is done only if the look shows what it is for.
 */
final class CureOrder {
    /** Of a chance of cure for a minute, no more can be told. */
    private static final double FINE = 1e12;

    /** Below this chance of cure a remedy is not worth putting in the order. */
    private static final double NEGLIGIBLE = 1e-3;

    /** From this chance of cure on, a remedy without a part is one that should be tried before a part is fitted. */
    private static final double OFTEN = 0.3;

    private final Network network;
    private final Access access;
    private final Prerequisites before;
    private final Item[] items;

    /** The layers that remedies lie behind, each set of them once. */
    private final long[] chains;

    /** By what is open. */
    private final Map<Long, Opened> opened = new HashMap<>();

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
     * @param chain the index of the layers that it lies behind
     * @param closes the layers that are closed for its proof
     * @param again minutes to open what its chain has of those once more
     * @param causes faults that have to be cleared or cured before it, as bits
     * @param looks looks that have to be made before it, as bits
     * @param sightings what these show of what it aims at
     * @param minutes with the proof, without access
     * @param price of its parts in minutes
     * @param due whether its parts have to be paid whoever cures what it aims at, as nothing but a part does
     */
    private record Item(
            Remedy remedy,
            int[] faults,
            long aims,
            double[] chances,
            int chain,
            long closes,
            double again,
            long causes,
            long looks,
            List<Sighting> sightings,
            double minutes,
            double price,
            boolean due) {
        /** The first look before it that tells something and is not made; null for none. */
        Sighting sighting(long looked) {
            for (int i = 0; i < sightings.size(); i++) {
                if ((sightings.get(i).look() & ~looked) != 0) {
                    return sightings.get(i);
                }
            }
            return null;
        }

        /** Whether something may have to come before it. */
        boolean waits() {
            return (causes | looks) != 0;
        }
    }

    /**
     * What is open at some time, and what that means for all that remedies lie behind. Few sets of layers are ever open together, and
     * to take them apart is slow in a browser.
     */
    private final class Opened {
        private final long open;

        /** By chain, what it takes to open the rest of it. */
        private final double[] minutes = new double[chains.length];

        /** By chain and chain: whether opening the one brings what lies behind the other within reach. */
        private final boolean[][] exposes = new boolean[chains.length][chains.length];

        /** By item, what is open once it is done and proved. */
        private final Opened[] then = new Opened[items.length];

        Opened(long open) {
            this.open = open;
            for (int c = 0; c < chains.length; c++) {
                minutes[c] = access.minutes(chains[c], open);
                for (int other = 0; other < chains.length; other++) {
                    exposes[c][other] =
                            c == other || (chains[other] & ~open) != 0 && (chains[other] & ~(open | chains[c])) == 0;
                }
            }
        }

        Opened with(int item) {
            if (then[item] == null) {
                then[item] = opened((open | chains[items[item].chain]) & ~items[item].closes);
            }
            return then[item];
        }
    }

    private Opened opened(long open) {
        return opened.computeIfAbsent(open, Opened::new);
    }

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
        this.chains = remedies.stream()
                .mapToLong(r -> access.chain(r.layer()))
                .distinct()
                .sorted()
                .toArray();
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
                            Arrays.binarySearch(chains, access.chain(r.layer())),
                            closes(r),
                            access.minutes(access.chain(r.layer()) & closes(r), Access.CLOSED),
                            before.causes(r),
                            before.looks(r.after()),
                            before.sightings(r, faults),
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
        this.waiting =
                IntStream.range(0, items.length).filter(i -> items[i].waits()).toArray();
        var run = new Run(belief, now, new int[0]);
        run.start(null);
        usual = IntStream.range(0, items.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> -run.efficiency[i]))
                .mapToInt(i -> i)
                .toArray();
    }

    /** The layers that are closed for a remedy's proof. */
    private long closes(Remedy remedy) {
        return access.closedFor(network.pack.proof(remedy.proof()));
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
        return item.minutes + lostPrice(item, 1, gain);
    }

    /**
     * What of a part's price is a cost of fitting it now. Where only a part cures, it has to be paid whoever fits it, now or
     * after the call was handed on: then only a part that is fitted in vain is lost.
     *
     * @param share chance that it is done
     * @param gain chance that it cures what it aims at
     */
    private static double lostPrice(Item item, double share, double gain) {
        return item.price * (item.due ? Math.max(0, share - gain) : share);
    }

    /** All costs of trying a remedy, with what has to come before it and what has to be opened. */
    double costToTry(Belief belief, Situation now, Remedy remedy) {
        var run = new Run(belief, now, usual.clone());
        run.start(null);
        int i = indexOf(remedy);
        return run.opened.minutes[items[i].chain] + run.cost(i);
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

    /** Whether something has to come before a remedy. */
    boolean isHeldBack(Remedy remedy, Situation now) {
        var item = item(remedy);
        return (item.causes & ~now.settled() | item.looks & ~now.looked()) != 0;
    }

    private Item item(Remedy remedy) {
        return items[indexOf(remedy)];
    }

    private int indexOf(Remedy remedy) {
        for (int i = 0; i < items.length; i++) {
            if (items[i].remedy == remedy) {
                return i;
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

        /** By item that waits: its look, chance that what it shows is there, and minutes for what comes before it. */
        private final Sighting[] sightings = new Sighting[items.length];

        private final double[] shown = new double[items.length];
        private final double[] wait = new double[items.length];
        private final double[] efficiency = new double[items.length];

        /** The items that are still worth their while, the most efficient first once they are ranked. */
        private final int[] ranked;

        private int left;
        private final List<Leg> legs = new ArrayList<>();
        private final double[] costs = new double[items.length];
        private final Situation start;
        private Situation now;
        private Opened opened;
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
            left = ranked.length;
            opened = opened(now.open());
            present = belief.marginals();
            referring = referCost(belief);
            bestCost = referring;
            cured = new double[belief.sets.count()];
            failed = new double[present.length];
            Arrays.fill(failed, 1);
        }

        void start(Remedy without) {
            for (int i : waiting) {
                sightings[i] = items[i].sighting(start.looked());
                wait[i] = waitedFor(items[i]);
            }
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
            double share = share(pick);
            double first = opened.minutes[item.chain] + wait[pick];
            cost += uncured * (first + share * item.minutes + lostPrice(item, share, gains[pick] / uncured));
            minutes += uncured * (first + share * item.minutes);
            elapsed += first + item.minutes;
            opened = opened.with(pick);
            used[pick] = true;
            apply(pick);
            weighAgain(rivals[pick]);
            weighWaiting(item);
            legs.add(new Leg(item.remedy, elapsed, 1 - uncured));
            if (Ties.isLess(cost + referring, bestCost)) {
                bestCost = cost + referring;
                bestMinutes = minutes + uncured * referMinutes;
                bestLegs = legs.size();
            }
            return true;
        }

        private void apply(int pick) {
            var item = items[pick];
            var sighting = sightings[pick];
            for (int i = 0; i < item.faults.length; i++) {
                int fault = item.faults[i];
                failed[fault] *= 1 - (sighting == null ? 1 : sighting.shows()[i]) * item.chances[i];
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

        /** What once gains next to nothing gains no more later. */
        private void weighAgain(int[] some) {
            for (int i : some) {
                if (efficiency[i] > 0) {
                    weigh(i);
                }
            }
        }

        /** What came before one remedy need not come before others, and each turn is the less likely the more is cured. */
        private void weighWaiting(Item done) {
            if (waiting.length == 0) {
                return;
            }
            long looked = done.looks & ~now.looked();
            long settled = (done.causes | done.aims) & ~now.settled();
            now = new Situation(opened.open, now.settled() | settled, now.looked() | looked);
            for (int i : waiting) {
                if (efficiency[i] > 0) {
                    if ((items[i].looks & looked | items[i].causes & settled) != 0) {
                        wait[i] = waitedFor(items[i]);
                    }
                    price(i);
                }
            }
        }

        private void weigh(int i) {
            gains[i] = used[i] ? 0 : gain(i);
            if (gains[i] > NEGLIGIBLE) {
                price(i);
            } else {
                efficiency[i] = 0;
            }
        }

        private void price(int i) {
            costs[i] = cost(i);
            efficiency[i] = rounded(gains[i] / costs[i]);
        }

        /** What it costs to try a remedy now, but for what has to be opened. */
        private double cost(int i) {
            var item = items[i];
            double share = share(i);
            return share * item.minutes + lostPrice(item, share, gains[i] / uncured) + wait[i];
        }

        /** Minutes for what has to come before a remedy and is not done yet. */
        private double waitedFor(Item item) {
            return before.minutes(item.causes, item.looks, now);
        }

        /**
         * Chance that a remedy is done when its turn comes: one before which something is looked at is left out if the look
         * shows nothing of what it aims at.
         */
        private double share(int i) {
            return sightings[i] == null ? 1 : Math.min(1, (uncured * sightings[i].falseAlarm() + shown[i]) / uncured);
        }

        /** Chance that a remedy takes a fault away that is there and was not taken away before. */
        private double gain(int i) {
            var item = items[i];
            var sighting = sightings[i];
            double gain = 0;
            double seen = 0;
            for (int f = 0; f < item.faults.length; f++) {
                double there = present[item.faults[f]] * failed[item.faults[f]];
                if (sighting == null) {
                    gain += there * item.chances[f];
                } else {
                    gain += there * item.chances[f] * sighting.shows()[f];
                    seen += there * (sighting.shows()[f] - sighting.falseAlarm());
                }
            }
            shown[i] = seen;
            return gain;
        }

        /** Index of the remedy to do next; -1 if none, alone or with its neighbours, saves more of handing on than it costs. */
        private int pick() {
            rank();
            int best = -1;
            double bestEfficiency = uncured * uncured / referring;
            for (int chain = 0; chain < chains.length; chain++) {
                double gain = 0;
                double price = opened.minutes[chain];
                var exposed = opened.exposes[chain];
                int first = -1;
                for (int r = 0; r < left; r++) {
                    int i = ranked[r];
                    // What is less efficient than the best, or than those gathered, makes neither better.
                    if (efficiency[i] <= bestEfficiency || efficiency[i] * price < gain) {
                        break;
                    }
                    if (exposed[items[i].chain]) {
                        // What is closed for the proof of the one before is opened once more.
                        price += costs[i] + (first < 0 ? 0 : items[i].again);
                        first = first < 0 ? i : first;
                        gain += gains[i];
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

        /** Puts the most efficient first, and leaves those out that gain next to nothing. */
        private void rank() {
            int kept = 0;
            for (int r = 0; r < left; r++) {
                int moved = ranked[r];
                if (efficiency[moved] > 0) {
                    // By insertion: from one step to the next the order hardly changes.
                    int j = kept++;
                    for (; j > 0 && efficiency[ranked[j - 1]] < efficiency[moved]; j--) {
                        ranked[j] = ranked[j - 1];
                    }
                    ranked[j] = moved;
                }
            }
            left = kept;
        }
    }
}
