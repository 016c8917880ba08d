package grimygasket.visit;

/** The parts of a visit, in the order of the work. */
public enum Stage {
    CALL("Call"),
    SAFE("Safe"),
    FIND("Find"),
    OPEN("Open"),
    CURE("Cure"),
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
