package grimygasket.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Sets out of n faults, in the order of their size; the first is the empty one, and every subset of one is among them.
 * Sets are named by their index.
 */
final class FaultSets {
    private final int[][] members;
    private final int[][] without;
    private final int[][] containing;

    /** The members of all sets in one run, each set padded to the same length with the number of faults. */
    private final int[] padded;

    private final int width;

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
    }

    /**
     * All sets up to a size.
     *
     * @param faults how many faults there are, 0 to 63
     * @param most size of the largest set, 0 or more
     */
    static FaultSets of(int faults, int most) {
        if (faults < 0 || faults > 63) {
            throw new IllegalArgumentException("faults must lie between 0 and 63, but is " + faults);
        }
        var sets = new ArrayList<int[]>();
        sets.add(new int[0]);
        for (int from = 0, size = 1; size <= Math.min(most, faults); size++) {
            int to = sets.size();
            for (int s = from; s < to; s++) {
                extend(sets, sets.get(s), faults);
            }
            from = to;
        }
        var members = sets.toArray(int[][]::new);
        return new FaultSets(members, without(members), containing(members, faults));
    }

    private static void extend(List<int[]> sets, int[] set, int faults) {
        for (int next = set.length == 0 ? 0 : set[set.length - 1] + 1; next < faults; next++) {
            var larger = Arrays.copyOf(set, set.length + 1);
            larger[set.length] = next;
            sets.add(larger);
        }
    }

    private static int[][] without(int[][] members) {
        var indexOf = new HashMap<Long, Integer>();
        for (int s = 0; s < members.length; s++) {
            indexOf.put(key(bits(members[s])), s);
        }
        var without = new int[members.length][];
        for (int s = 0; s < members.length; s++) {
            without[s] = new int[members[s].length];
            for (int i = 0; i < members[s].length; i++) {
                without[s][i] = indexOf.get(key(bits(members[s]) & ~(1L << members[s][i])));
            }
        }
        return without;
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

    /** Spreads the few bits of small sets over the whole word; hash maps would crowd otherwise. */
    private static long key(long bits) {
        return bits * 0x9E3779B97F4A7C15L;
    }

    private static long bits(int[] set) {
        long bits = 0;
        for (int fault : set) {
            bits |= 1L << fault;
        }
        return bits;
    }

    int count() {
        return members.length;
    }

    /**
     * The product of a factor over the members of a set.
     *
     * @param factors by fault, and 1 behind the last
     */
    double product(double[] factors, int set) {
        double product = 1;
        for (int i = set * width; i < (set + 1) * width; i++) {
            product *= factors[padded[i]];
        }
        return product;
    }

    /** An array of factors for {@link #product}, all of them the same. */
    static double[] factors(int faults, double factor) {
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
        var some = new int[kept.length][];
        for (int i = 0; i < kept.length; i++) {
            some[i] = members[kept[i]];
        }
        return new FaultSets(some, without(some), containing(some, containing.length));
    }

    /** The faults of a set, ascending. */
    int[] members(int set) {
        return members[set];
    }

    /** Index of the set that remains when the i-th member of a set is taken out. */
    int without(int set, int i) {
        return without[set][i];
    }

    /** The sets that contain a fault, ascending. */
    int[] containing(int fault) {
        return containing[fault];
    }
}
