package grimygasket.gauge;

import grimygasket.units.Estimate;

/** What a reading means for a machine. */
public enum Verdict {
    GOOD,
    /** Works, but not as it should. */
    WATCH,
    BAD,
    /** The reading is too uncertain to say. */
    CANNOT_TELL;

    private static final double HALF = 0.5;
    public static final double FOUR_FIFTHS = 0.8;

    /**
     * Of something of which more is better. It cannot be told where the interval reaches from bad to good.
     *
     * @param watch good from here on
     * @param bad bad below, at most {@code watch}
     */
    public static Verdict ofMore(Estimate value, double bad, double watch) {
        if (value.low() < bad && value.high() >= watch) {
            return CANNOT_TELL;
        }
        if (value.value() < bad) {
            return BAD;
        }
        return value.value() < watch ? WATCH : GOOD;
    }

    /** Of a share of the normal flow: under half is bad, under four fifths to be watched. */
    public static Verdict ofFlow(Estimate share) {
        return ofMore(share, HALF, FOUR_FIFTHS);
    }

    /** Of something of which less is better: good up to {@code watch}, bad over {@code bad}. */
    public static Verdict ofLess(Estimate value, double watch, double bad) {
        if (value.high() > bad && value.low() <= watch) {
            return CANNOT_TELL;
        }
        if (value.value() > bad) {
            return BAD;
        }
        return value.value() > watch ? WATCH : GOOD;
    }

    /** Of something that should lie within some bounds: bad outside, nothing between. */
    public static Verdict within(Estimate value, double least, double most) {
        if (value.value() >= least && value.value() <= most) {
            return GOOD;
        }
        return value.high() >= least && value.low() <= most ? CANNOT_TELL : BAD;
    }
}
