package grimygasket.pack.work;

import grimygasket.pack.machine.Drawing;
import grimygasket.util.Arguments;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One thing to do of a method.
 *
 * @param text what is done
 * @param why the reason, for whoever does it the first time; null where it speaks for itself
 * @param use a tool or consumable of this step alone, with its amount, for example "citric acid, 30 g"; null for none
 * @param stopIf what, if it is seen, ends the work here, and what then; null for nothing
 * @param minutes how long this step alone takes, or waits, over 0 to 600; null where nobody has said
 * @param drawing what it looks like; null for none
 */
public record Instruction(
        String text,
        @Nullable String why,
        @Nullable String use,
        @Nullable String stopIf,
        @Nullable Double minutes,
        @Nullable Drawing drawing) {
    public Instruction {
        Arguments.text("a step of a method", text);
        if (minutes != null) {
            Arguments.minutes("minutes of the step “" + text + "”", minutes);
        }
    }

    /** One that is only a text. */
    public static Instruction valueOf(String text) {
        return new Instruction(text, null, null, null, null, null);
    }

    /** All that it says. */
    public String said() {
        return Stream.of(text, why, use, stopIf)
                .filter(part -> part != null && !part.isBlank())
                .collect(Collectors.joining(" "));
    }
}
