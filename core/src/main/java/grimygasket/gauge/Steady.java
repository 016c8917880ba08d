package grimygasket.gauge;

import grimygasket.units.Amount;
import grimygasket.units.Quantity;
import java.util.List;

/**
 * The steady value of a shaking reading: of the last samples, once their first and second halves agree to within what the
 * shaking explains. Its standard uncertainty is that of the samples, not of their mean: an instrument's own error does not average out.
 */
public final class Steady {
    /** Samples looked at. */
    public static final int WINDOW = 12;

    /** Halves may differ by so many standard errors of the difference. */
    private static final double AGREE = 2;

    private Steady() {}

    /**
     * @param samples oldest first, in the quantity's base unit
     * @return null while it is not steady
     */
    public static Amount of(Quantity quantity, List<Double> samples) {
        if (samples.size() < WINDOW) {
            return null;
        }
        var window = samples.subList(samples.size() - WINDOW, samples.size());
        double early = mean(window.subList(0, WINDOW / 2));
        double late = mean(window.subList(WINDOW / 2, WINDOW));
        double mean = mean(window);
        double within = Math.sqrt(
                (squares(window.subList(0, WINDOW / 2), early) + squares(window.subList(WINDOW / 2, WINDOW), late))
                        / (WINDOW - 2));
        double error = within * Math.sqrt(4.0 / WINDOW);
        boolean steady = Math.abs(late - early) <= AGREE * error + 1e-9 * Math.abs(mean);
        return steady ? new Amount(quantity, mean, Math.sqrt(squares(window, mean) / (WINDOW - 1))) : null;
    }

    private static double mean(List<Double> values) {
        return values.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    private static double squares(List<Double> values, double mean) {
        return values.stream().mapToDouble(v -> (v - mean) * (v - mean)).sum();
    }
}
