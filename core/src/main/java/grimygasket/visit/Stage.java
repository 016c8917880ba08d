package grimygasket.visit;

/** The parts of a visit, in the order of the work. */
public enum Stage {
    CALL("Call"),
    SAFE("Safe"),
    FIND("Find"),
    OPEN("Open"),
    CURE("Cure"),
    /** On a visit for upkeep, in the place of {@link #CURE}: nothing is wrong. */
    CLEAN("Clean"),
    CLOSE("Close"),
    PROVE("Prove"),
    HAND_OVER("Hand over");

    private final String title;

    Stage(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
