package grimygasket.diagnosis.belief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Sets out of n faults, in the order of their size; the first is the empty one, and every subset of one is among them.
 * Sets are named by their index.
 */
public final class FaultSets {
    /** Faults considered at the same time; the prior chance of more is said with each assessment. */
    public static final int MOST_AT_ONCE = 3;

    private static final int MOST_FAULTS = 63;

    /**
     * By number of faults and size: sets are made once, as machines of a kind share them. A race is harmless: it makes
     * equal, unchangeable sets twice.
     */
    private static final FaultSets[][] MADE = new FaultSets[MOST_FAULTS + 1][MOST_AT_ONCE + 1];

    private final int[][] members;
    private final int[][] without;
    private final int[][] containing;

    /** The members of all sets in one run, each set padded to the same length with the number of faults. */
    private final int[] padded;

    private final int width;

    /** By set, its greatest member, and the set without that; of no meaning for the empty set. */
    private final int[] last;

    private final int[] parent;

    /** By set, its members as bits. */
    private final long[] bits;

    private FaultSets(int[][] members, int[][] without, int[][] containing) {
        this.members = members;
        this.without = without;
        this.containing = containing;
        width = members[members.length - 1].length;
        padded = new int[members.length * width];
        Arrays.fill(padded, containing.length);
        for (int s = 0; s < members.length; s++) {
            System.arraycopy(members[s], 0, padded, s * width, members[s].length);
        }
        last = new int[members.length];
        parent = new int[members.length];
        bits = new long[members.length];
        for (int s = 1; s < members.length; s++) {
            last[s] = members[s][members[s].length - 1];
            parent[s] = without[s][without[s].length - 1];
            bits[s] = bits[parent[s]] | 1L << last[s];
        }
    }

    /**
     * All sets up to a size.
     *
     * @param faults how many faults there are, 0 to 63
     * @param most size of the largest set, 0 or more
     */
    static FaultSets of(int faults, int most) {
        if (faults < 0 || faults > MOST_FAULTS) {
            throw new IllegalArgumentException("faults must lie between 0 and " + MOST_FAULTS + ", but is " + faults);
        }
        if (most >= MADE[faults].length) {
            return make(faults, most);
        }
        var made = MADE[faults][most];
        if (made == null) {
            made = make(faults, most);
            MADE[faults][most] = made;
        }
        return made;
    }

    private static FaultSets make(int faults, int most) {
        var sets = new ArrayList<int[]>();
        var without = new ArrayList<int[]>();
        // By set, the index of the first set that has one more, greater member.
        var firstLarger = new ArrayList<Integer>();
        sets.add(new int[0]);
        without.add(new int[0]);
        for (int from = 0, size = 1; size <= Math.min(most, faults); size++) {
            int to = sets.size();
            for (int s = from; s < to; s++) {
                firstLarger.add(sets.size());
                for (int next = next(sets.get(s)); next < faults; next++) {
                    without.add(withoutEach(s, next, sets, without, firstLarger));
                    sets.add(with(sets.get(s), next));
                }
            }
            from = to;
        }
        var members = sets.toArray(int[][]::new);
        return new FaultSets(members, without.toArray(int[][]::new), containing(members, faults));
    }

    private static int next(int[] set) {
        return set.length == 0 ? 0 : set[set.length - 1] + 1;
    }

    private static int[] with(int[] set, int last) {
        var larger = Arrays.copyOf(set, set.length + 1);
        larger[set.length] = last;
        return larger;
    }

    /** The sets that remain when each member in turn is taken out of a set with one more member behind its last. */
    private static int[] withoutEach(
            int set, int last, List<int[]> sets, List<int[]> without, List<Integer> firstLarger) {
        var rest = new int[sets.get(set).length + 1];
        for (int i = 0; i < rest.length - 1; i++) {
            int smaller = without.get(set)[i];
            rest[i] = firstLarger.get(smaller) + last - next(sets.get(smaller));
        }
        rest[rest.length - 1] = set;
        return rest;
    }

    private static int[][] containing(int[][] members, int faults) {
        var count = new int[faults];
        for (int[] set : members) {
            for (int fault : set) {
                count[fault]++;
            }
        }
        var containing = new int[faults][];
        for (int fault = 0; fault < faults; fault++) {
            containing[fault] = new int[count[fault]];
        }
        for (int s = members.length - 1; s >= 0; s--) {
            for (int fault : members[s]) {
                containing[fault][--count[fault]] = s;
            }
        }
        return containing;
    }

    public int count() {
        return members.length;
    }

    /**
     * The product of a factor over the members of a set.
     *
     * @param factors by fault, and 1 behind the last
     */
    public double product(double[] factors, int set) {
        double product = 1;
        for (int i = set * width; i < (set + 1) * width; i++) {
            product *= factors[padded[i]];
        }
        return product;
    }

    /**
     * By set, the product of a factor over its members. As each set is its members but the last, and the last, this takes
     * one multiplication a set.
     *
     * @param factors by fault
     * @param none the product for the empty set
     */
    double[] products(double[] factors, double none) {
        var products = new double[members.length];
        products[0] = none;
        for (int s = 1; s < products.length; s++) {
            products[s] = products[parent[s]] * factors[last[s]];
        }
        return products;
    }

    /**
     * By set, the sum of a value over its members.
     *
     * @param values by fault
     */
    public double[] totals(double[] values) {
        var totals = new double[members.length];
        for (int s = 1; s < totals.length; s++) {
            totals[s] = totals[parent[s]] + values[last[s]];
        }
        return totals;
    }

    /**
     * The sets that have any of some faults, ascending.
     *
     * @param faults by fault, whether it is one of them
     */
    int[] withAny(boolean[] faults) {
        var have = new boolean[members.length];
        for (int s = 1; s < have.length; s++) {
            have[s] = have[parent[s]] || faults[last[s]];
        }
        return IntStream.range(0, have.length).filter(s -> have[s]).toArray();
    }

    /** By fault, the sum of a value over the sets that contain it. */
    double[] sums(double[] values) {
        var sums = new double[containing.length];
        for (int f = 0; f < sums.length; f++) {
            double sum = 0;
            for (int s : containing[f]) {
                sum += values[s];
            }
            sums[f] = sum;
        }
        return sums;
    }

    /** An array of factors for {@link #product}, all of them the same. */
    public static double[] factors(int faults, double factor) {
        var factors = new double[faults + 1];
        Arrays.fill(factors, factor);
        factors[faults] = 1;
        return factors;
    }

    /**
     * The indices of some sets and of all their subsets, ascending.
     *
     * @param wanted by set; is changed
     */
    int[] withSubsets(boolean[] wanted) {
        wanted[0] = true;
        for (int s = members.length - 1; s > 0; s--) {
            if (wanted[s]) {
                for (int subset : without[s]) {
                    wanted[subset] = true;
                }
            }
        }
        return IntStream.range(0, members.length).filter(s -> wanted[s]).toArray();
    }

    /**
     * Only some of these sets.
     *
     * @param kept indices, ascending and with all subsets
     */
    FaultSets only(int[] kept) {
        var indexOf = new int[members.length];
        var some = new int[kept.length][];
        var rest = new int[kept.length][];
        for (int k = 0; k < kept.length; k++) {
            indexOf[kept[k]] = k;
            some[k] = members[kept[k]];
            rest[k] = IntStream.of(without[kept[k]]).map(s -> indexOf[s]).toArray();
        }
        return new FaultSets(some, rest, containing(some, containing.length));
    }

    /** Index of the set of one fault alone: these come first after the empty one. */
    int alone(int fault) {
        return fault + 1;
    }

    /** The faults of a set, ascending. */
    public int[] members(int set) {
        return members[set];
    }

    /** The faults of a set as bits. */
    long bits(int set) {
        return bits[set];
    }

    /** Index of the set that remains when the i-th member of a set is taken out. */
    int without(int set, int i) {
        return without[set][i];
    }

    /** The sets that contain a fault, ascending. */
    public int[] containing(int fault) {
        return containing[fault];
    }
}
