package grimygasket.flow;

/**
 * A source against a line: {@code H0 · (1 − (Q/Qmax)²) = lift + r · k · Q²}, of which {@code r} is 1 for a clean line and
 * more for one with narrow places, see {@link Narrowing}.
 *
 * @param source what pushes
 * @param lift what has to be overcome before anything flows, 0 or more, and in the head's unit
 * @param loss of the clean line for each square of the flow, over 0
 */
public record Circuit(PressureSource source, double lift, double loss) {
    public Circuit {
        if (!(lift >= 0)) {
            throw new IllegalArgumentException("lift must be 0 or more, but is " + lift);
        }
        if (!(loss > 0) || Double.isInfinite(loss)) {
            throw new IllegalArgumentException("loss must be over 0, but is " + loss);
        }
    }

    /**
     * The circuit whose clean line lets a known flow through.
     *
     * @throws IllegalArgumentException if the source could not bring that flow to that lift
     */
    public static Circuit ofNormal(PressureSource source, double lift, double flow) {
        double left = source.headAt(flow) - lift;
        if (!(left > 0)) {
            throw new IllegalArgumentException("no source with head " + source.head() + " and free flow "
                    + source.free() + " brings " + flow + " to " + lift);
        }
        return new Circuit(source, lift, left / flow / flow);
    }

    /** Flow with the clean line. */
    public double flow() {
        return flow(1);
    }

    /**
     * The operating point: where source and line meet.
     *
     * @param resistance of the line as a multiple of its clean one, 1 or more; infinite for a closed one
     * @return 0 where the lift is too high
     */
    public double flow(double resistance) {
        double drive = source.head() - lift;
        return drive <= 0 ? 0 : Math.sqrt(drive / (source.sag() + resistance * loss));
    }

    /**
     * The inverse: how many times its clean resistance a line must have for a flow.
     *
     * @param flow over 0
     * @return at least 1, as no line is cleaner than clean
     */
    public double resistance(double flow) {
        double drive = source.head() - lift;
        return Math.max(1, (drive / flow / flow - source.sag()) / loss);
    }

    /** What the line takes at a flow. */
    public double headOfLine(double flow, double resistance) {
        return lift + resistance * loss * flow * flow;
    }
}
