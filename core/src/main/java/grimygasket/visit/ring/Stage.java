package grimygasket.visit.ring;

/** The parts of a visit, in the order of the work. */
public enum Stage {
    CALL,
    SAFE,
    FIND,
    OPEN,
    CURE,
    /** On a visit for upkeep, in the place of {@link #CURE}: nothing is wrong. */
    CLEAN,
    CLOSE,
    PROVE,
    HAND_OVER
}
