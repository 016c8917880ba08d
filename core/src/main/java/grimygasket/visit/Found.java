package grimygasket.visit;

/**
 * A thing of the customer's that was found in the machine.
 *
 * @param what for example "earring"
 * @param count how many, at least 1
 * @param fate what became of it
 */
public record Found(String what, int count, Fate fate) {
    public enum Fate {
        /** Still in the technician's hands. */
        KEPT,
        RETURNED,
        BINNED
    }

    public Found {
        if (what.isBlank()) {
            throw new IllegalArgumentException("say what was found");
        }
        if (count < 1) {
            throw new IllegalArgumentException("at least one of “" + what + "” was found, not " + count);
        }
    }
}
