package grimygasket.diagnosis;

/** What sets what somebody calls for apart from what one happens to notice. */
public final class Complaints {
    /** A complaint comes without any of its causes so much more seldom than the same sign is noticed without them: estimate. */
    public static final double MISTAKEN = 0.03;

    private Complaints() {}
}
