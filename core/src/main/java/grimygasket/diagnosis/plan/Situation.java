package grimygasket.diagnosis.plan;

import grimygasket.diagnosis.belief.Causes;

/**
 * Where the work on a machine stands, beside the belief; all as bit masks.
 *
 * @param open layers that are open
 * @param settled faults that are cleared or cured, see {@link Causes}
 * @param looked looks that others wait for and that are made, see {@link Prerequisites}
 */
record Situation(long open, long settled, long looked) {
    Situation opening(long chain) {
        return new Situation(open | chain, settled, looked);
    }
}
