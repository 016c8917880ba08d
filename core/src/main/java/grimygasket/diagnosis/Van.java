package grimygasket.diagnosis;

import grimygasket.pack.Remedy;
import java.util.List;
import java.util.Map;

/**
 * What a call costs beside the technician's hands.
 *
 * @param labourPerHour money an hour of work is worth, above 0; it turns the price of a part into minutes
 * @param returnTripMinutes minutes that a second visit for a missing part costs, 0 or more
 * @param partPrices pack part id to its price, for the parts that are on board; others need a return trip
 * @param instruments whether the instruments are on board; without them only what the eye, a bucket and a watch show can be
 *     checked
 */
public record Van(double labourPerHour, double returnTripMinutes, Map<String, Double> partPrices, boolean instruments) {
    /** One with the usual instruments. */
    public Van(double labourPerHour, double returnTripMinutes, Map<String, Double> partPrices) {
        this(labourPerHour, returnTripMinutes, partPrices, true);
    }

    public Van {
        if (!(labourPerHour > 0)) {
            throw new IllegalArgumentException("labourPerHour must be above 0, but is " + labourPerHour);
        }
        if (!(returnTripMinutes >= 0)) {
            throw new IllegalArgumentException("returnTripMinutes must be 0 or more, but is " + returnTripMinutes);
        }
        partPrices = Map.copyOf(partPrices);
    }

    boolean carries(String part) {
        return partPrices.containsKey(part);
    }

    /**
     * What a remedy makes the technician wait: a second visit if a part is missing, else the drying, or a second visit if
     * that is shorter.
     */
    public double waitMinutes(Remedy remedy) {
        return remedy.parts().stream().allMatch(this::carries)
                ? Math.min(remedy.dryMinutes(), returnTripMinutes)
                : returnTripMinutes;
    }

    /** Price of some parts in minutes of work; one whose price is not known counts as free. */
    double priceInMinutes(List<String> parts) {
        double price = parts.stream()
                .mapToDouble(part -> partPrices.getOrDefault(part, 0.0))
                .sum();
        return 60 * price / labourPerHour;
    }
}
