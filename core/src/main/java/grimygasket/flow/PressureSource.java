package grimygasket.flow;

/**
 * What pushes the flow: a pump, a fan, or the mains. It pushes less the more flows,
 * {@code H = H0 · (1 − (Q/Qmax)²)}. Any units, if the same ones are used throughout.
 *
 * <p>Source: field guide, section 5; the usual parabola through shut-off and free flow of small centrifugal machines.
 *
 * @param head at no flow, over 0
 * @param free flow against nothing, over 0; infinite for a pressure that does not give way
 */
public record PressureSource(double head, double free) {
    public PressureSource {
        if (!(head > 0) || Double.isInfinite(head)) {
            throw new IllegalArgumentException("head must be over 0, but is " + head);
        }
        if (!(free > 0)) {
            throw new IllegalArgumentException("free flow must be over 0, but is " + free);
        }
    }

    /** A pressure that does not give way, such as that of the mains. */
    public static PressureSource constant(double pressure) {
        return new PressureSource(pressure, Double.POSITIVE_INFINITY);
    }

    /** What it pushes with at a flow; below 0 beyond its free flow. */
    public double headAt(double flow) {
        double share = flow / free;
        return head * (1 - share * share);
    }

    /** How much its head falls for each square of the flow. */
    public double sag() {
        return head / free / free;
    }
}
