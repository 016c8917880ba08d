package grimygasket.route;

/**
 * A time that is not known for certain, as a normal distribution.
 *
 * @param mean minute of the day
 * @param variance in square minutes, 0 or more
 */
record Expected(double mean, double variance) {
    /** The same, so much later. */
    Expected plus(double minutes, double spread) {
        return new Expected(mean + minutes, variance + spread * spread);
    }

    double spread() {
        return Math.sqrt(variance);
    }

    /**
     * The later of this time and a fixed one. Source of its two moments: Clark, The Greatest of a Finite Set of Random Variables (1961), of
     * which one is a constant; it is then taken to be normal again.
     */
    Expected notBefore(double earliest) {
        if (variance == 0) {
            return new Expected(Math.max(mean, earliest), 0);
        }
        double spread = spread();
        double ahead = (mean - earliest) / spread;
        double later = Normal.cumulative(ahead);
        double density = Normal.density(ahead);
        double first = mean * later + earliest * (1 - later) + spread * density;
        double second = (mean * mean + variance) * later
                + earliest * earliest * (1 - later)
                + (mean + earliest) * spread * density;
        return new Expected(first, Math.max(0, second - first * first));
    }

    /** By how many minutes it is after a time, on average over all cases; those in which it is not count as 0. */
    double after(double time) {
        return notBefore(time).mean - time;
    }

    /** Chance that it is after a time, 0 to 1. */
    double chanceAfter(double time) {
        return variance == 0 ? (mean > time ? 1 : 0) : Normal.cumulative((mean - time) / spread());
    }
}
