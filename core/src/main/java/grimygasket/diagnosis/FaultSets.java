package grimygasket.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;

/**
 * All sets of at most so many out of n faults, in the order of their size; the first is the empty one. Sets are named by
 * their index.
 */
final class FaultSets {
    private final int[][] members;
    private final int[][] without;
    private final int[][] containing;

    private FaultSets(int[][] members, int[][] without, int[][] containing) {
        this.members = members;
        this.without = without;
        this.containing = containing;
    }

    /**
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
            indexOf.put(bits(members[s]), s);
        }
        var without = new int[members.length][];
        for (int s = 0; s < members.length; s++) {
            without[s] = new int[members[s].length];
            for (int i = 0; i < members[s].length; i++) {
                without[s][i] = indexOf.get(bits(members[s]) & ~(1L << members[s][i]));
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
