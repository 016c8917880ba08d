package grimygasket.visit.line;

import grimygasket.util.Unfit;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A thing of the customer's that was found in the machine.
 *
 * @param what for example "earring"
 * @param count how many, at least 1
 * @param fate what became of it
 * @param shape what it is like; null where nobody has said
 */
public record Found(
        String what, int count, Fate fate, @Nullable Shape shape) implements JobLine<Found> {
    public enum Fate {
        /** Still in the technician's hands. */
        KEPT,
        RETURNED,
        BINNED
    }

    /** What lies in a machine for long is eaten away: a coin half gone says how long the filter was not opened. */
    public enum Shape {
        WHOLE,
        WORN,
        EATEN_AWAY,
        BROKEN
    }

    public Found {
        if (what.isBlank()) {
            throw new Unfit("say what was found");
        }
        if (count < 1) {
            throw new Unfit("at least one of “" + what + "” was found, not " + count);
        }
    }

    @Override
    public Optional<Found> merged(Found was, Found theirs) {
        var merge = new Merge<>(was, this, theirs);
        return merge.merged(() -> new Found(
                merge.of(Found::what), merge.of(Found::count), merge.of(Found::fate), merge.of(Found::shape)));
    }
}
