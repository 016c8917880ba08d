package grimygasket.diagnosis;

import java.util.Map;

/**
 * What a call costs beside the technician's hands.
 *
 * @param labourPerHour money an hour of work is worth, above 0; it turns the price of a part into minutes
 * @param returnTripMinutes minutes that a second visit for a missing part costs, 0 or more
 * @param partPrices pack part id to its price, for the parts that are on board; others need a return trip
 */
public record Van(double labourPerHour, double returnTripMinutes, Map<String, Double> partPrices) {
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
        return part == null || partPrices.containsKey(part);
    }

    /** Price of a part in minutes of work; 0 for no part, or one whose price is not known. */
    double priceInMinutes(String part) {
        return part == null ? 0 : 60 * partPrices.getOrDefault(part, 0.0) / labourPerHour;
    }
}
