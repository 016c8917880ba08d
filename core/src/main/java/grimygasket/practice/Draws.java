package grimygasket.practice;

import java.util.UUID;

/**
 * Chance that is the same again: a number for each name, whatever else was asked and in whatever order. So a question
 * asked twice is answered alike, and the same seed tells the same story.
 *
 * <p>Source: names by FNV-1a, mixed by SplitMix64 (Steele, Lea and Flood, 2014).
 */
public final class Draws {
    private static final long FNV_OFFSET = 0xcbf29ce484222325L;
    private static final long FNV_PRIME = 0x100000001b3L;

    private final long seed;

    private Draws(long seed) {
        this.seed = seed;
    }

    public static Draws of(long seed) {
        return new Draws(seed);
    }

    /** The last eight bytes of an id, the random ones. */
    public static long seed(UUID id) {
        var text = id.toString();
        return Long.parseLong(text.substring(19, 23), 16) << 48 | Long.parseLong(text.substring(24), 16);
    }

    /** Evenly from 0 up to, but not including, 1. */
    public double uniform(String name) {
        long hash = FNV_OFFSET ^ seed;
        for (int i = 0; i < name.length(); i++) {
            hash = (hash ^ name.charAt(i)) * FNV_PRIME;
        }
        return (mix(hash) >>> 11) * 0x1.0p-53;
    }

    /** Whether something of a chance happens. */
    public boolean happens(String name, double chance) {
        return uniform(name) < chance;
    }

    /**
     * One of several things, as often as their weights say.
     *
     * @param weights 0 or more, and not all 0
     * @return its index
     */
    public int pick(String name, double[] weights) {
        double sum = 0;
        for (double weight : weights) {
            sum += weight;
        }
        double left = uniform(name) * sum;
        int i = 0;
        while (i < weights.length - 1 && left >= weights[i]) {
            left -= weights[i++];
        }
        return i;
    }

    /** Normally distributed, mean 0 and standard deviation 1 (Box and Muller, 1958). */
    public double normal(String name) {
        double radius = Math.sqrt(-2 * Math.log(1 - uniform(name)));
        return radius * Math.cos(2 * Math.PI * uniform(name + "'"));
    }

    private static long mix(long value) {
        long z = value + 0x9e3779b97f4a7c15L;
        z = (z ^ (z >>> 30)) * 0xbf58476d1ce4e5b9L;
        z = (z ^ (z >>> 27)) * 0x94d049bb133111ebL;
        return z ^ (z >>> 31);
    }
}
