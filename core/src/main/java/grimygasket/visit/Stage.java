package grimygasket.visit;

/** The parts of a visit, in the order of the work. */
public enum Stage {
    CALL("Call"),
    SAFE("Safe"),
    FIND("Find"),
    CURE("Cure"),
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
