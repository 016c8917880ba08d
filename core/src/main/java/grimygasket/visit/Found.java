package grimygasket.visit;

import java.util.Optional;

/**
 * A thing of the customer's that was found in the machine.
 *
 * @param what for example "earring"
 * @param count how many, at least 1
 * @param fate what became of it
 */
public record Found(String what, int count, Fate fate) implements JobLine<Found> {
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

    @Override
    public Optional<Found> merged(Found was, Found theirs) {
        var merge = new Merge<>(was, this, theirs);
        return merge.merged(() -> new Found(merge.of(Found::what), merge.of(Found::count), merge.of(Found::fate)));
    }
}
