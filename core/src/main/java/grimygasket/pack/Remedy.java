package grimygasket.pack;

import java.util.List;
import java.util.Map;

/**
 * Something done to put a fault right.
 *
 * @param id unique within the pack
 * @param name what is done, as an order
 * @param layer what must be open for it; null for one done from outside
 * @param minutes for the work alone, without opening, closing and proof; 0 to 600
 * @param cures fault id to the chance that it cures this fault, between 0 and 1
 * @param tools what to fetch first
 * @param steps the method
 * @param part the part it uses up; null for none
 * @param caution a caution of the pack that stands at this step; null for none
 * @param proof the proof of the pack that shows whether it worked
 */
public record Remedy(
        String id,
        String name,
        String layer,
        double minutes,
        Map<String, Double> cures,
        List<String> tools,
        List<String> steps,
        String part,
        String caution,
        String proof) {
    public Remedy {
        Range.text("remedy id", id);
        Range.text("name of remedy " + id, name);
        Range.minutes("minutes of remedy " + id, minutes);
        cures = Lists.copy(cures);
        if (cures.isEmpty()) {
            throw new IllegalArgumentException("remedy " + id + " cures nothing");
        }
        cures.forEach((fault, chance) -> Range.open("chance that remedy " + id + " cures " + fault, chance));
        tools = Lists.copy(tools);
        steps = Lists.copy(steps);
        Range.text("proof of remedy " + id, proof);
    }
}
