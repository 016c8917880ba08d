package grimygasket.call;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What tells a machine from others of its kind, and where it stands.
 *
 * @param model blank where nobody has read it yet, as is the serial number
 */
public record Plate(String maker, String model, String serial, String place) {
    public Plate stripped() {
        return new Plate(maker.strip(), model.strip(), serial.strip(), place.strip());
    }

    /** What is missing or too long, by the name of its field. */
    public Map<String, Reason> unfit() {
        var fields = new LinkedHashMap<String, Reason>();
        Lengths.wanted(fields, "maker", maker, Reason.Kind.NO_MAKER);
        Lengths.fits(fields, "maker", maker, Lengths.MOST_OF_A_PLATE);
        Lengths.fits(fields, "model", model, Lengths.MOST_OF_A_PLATE);
        Lengths.fits(fields, "serial", serial, Lengths.MOST_OF_A_PLATE);
        Lengths.fits(fields, "place", place, Lengths.MOST_OF_A_PLACE);
        return fields;
    }
}
