package grimygasket.pack.evidence;

import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.Map;

/**
 * A code that machines of one maker show.
 *
 * @param maker whose table it is from
 * @param kind the machine kind, a pack id
 * @param display whether it is read off a display or off a pattern of lights
 * @param code as the display shows it, or the pattern in words
 * @param meaning what the maker says it means
 * @param leak chance that the code shows with nothing behind it that it points to, between 0 and 1
 * @param faults fault id to the chance that this fault alone brings the code, between 0 and 1
 * @param symptoms symptom id to the chance that a machine with this symptom shows the code, between 0 and 1
 * @param clear how to clear it
 */
public record Code(
        String maker,
        String kind,
        Display display,
        String code,
        String meaning,
        double leak,
        Map<String, Double> faults,
        Map<String, Double> symptoms,
        String clear) {
    /** Where a machine shows a code. */
    public enum Display {
        CODE,
        LIGHTS
    }

    public Code {
        Arguments.text("maker", maker);
        Arguments.text("kind", kind);
        if (display == null) {
            throw new IllegalArgumentException("display of code " + code + " is missing");
        }
        Arguments.text("code", code);
        Arguments.text("meaning of code " + code, meaning);
        Arguments.open("leak of code " + code, leak);
        faults = Lists.copy(faults);
        symptoms = Lists.copy(symptoms);
        faults.forEach((fault, strength) -> Arguments.open("strength of " + fault + " for code " + code, strength));
        symptoms.forEach(
                (symptom, strength) -> Arguments.open("strength of " + symptom + " for code " + code, strength));
        if (faults.isEmpty() && symptoms.isEmpty()) {
            throw new IllegalArgumentException("code " + code + " of " + maker + " points nowhere");
        }
    }
}
