package grimygasket.diagnosis.belief;

import grimygasket.pack.evidence.Check;

/** What the outcomes of a check show and clear, see {@link Causes}; faults of one machine as bits. */
public final class Outcomes {
    private final long[] shown;
    private final long[] cleared;

    private Outcomes(long[] shown, long[] cleared) {
        this.shown = shown;
        this.cleared = cleared;
    }

    static Outcomes of(Network network, Check check) {
        int count = check.outcomes().size();
        var shown = new long[count];
        var cleared = new long[count];
        for (int o = 0; o < count; o++) {
            shown[o] = network.mask(Causes.shown(network.pack, check, o));
            cleared[o] = network.mask(Causes.cleared(network.pack, check, o));
        }
        return new Outcomes(shown, cleared);
    }

    /** What is settled after an outcome, of what was settled before. */
    public long settled(long before, int outcome) {
        return before & ~shown[outcome] | cleared[outcome];
    }

    /** The faults that the last outcome clears: that all is well. */
    public long clearedByTheLast() {
        return cleared[cleared.length - 1];
    }
}
