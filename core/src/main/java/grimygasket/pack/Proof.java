package grimygasket.pack;

import java.util.List;

/**
 * How a function is shown to work again.
 *
 * @param id unique within the pack
 * @param name the function, as it is when it works: "It drains"
 * @param minutes 0 to 600
 * @param steps the method
 */
public record Proof(String id, String name, double minutes, List<String> steps) {
    public Proof {
        Range.text("proof id", id);
        Range.text("name of proof " + id, name);
        Range.minutes("minutes of proof " + id, minutes);
        steps = Lists.copy(steps);
    }
}
