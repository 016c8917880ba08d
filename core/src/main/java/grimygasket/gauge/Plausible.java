package grimygasket.gauge;

import grimygasket.pack.evidence.Measure;
import grimygasket.pack.machine.Ratings;
import grimygasket.units.Amount;
import grimygasket.units.Quantity;
import grimygasket.units.UnitSystem;
import java.util.List;
import java.util.Map;

/** What can be read at a check at all. */
public final class Plausible {
    private static final String READING = "reading";

    private Plausible() {}

    /**
     * Reads a value that was typed or taken from a meter.
     *
     * @throws UnfitReadings with a sentence, under the key "reading", if it cannot be
     */
    public static Amount read(Measure measure, Readings.Typed typed, UnitSystem system) {
        var input = input(measure.name(), measure.quantity());
        return Readings.of(List.of(input), Map.of(READING, typed), Ratings.NONE, system)
                .amount(READING);
    }

    /** Whether such a machine and instrument can show that at all. */
    public static boolean fits(Measure measure, Amount amount) {
        return amount.quantity() == measure.quantity()
                && input(measure.name(), measure.quantity())
                                .problem(amount.value(), measure.quantity().unit(UnitSystem.METRIC))
                        == null;
    }

    /** Its range is what such machines and instruments can show, its uncertainty that of usual instruments. */
    private static Input input(String name, Quantity quantity) {
        return switch (quantity) {
            case FLOW -> Input.reading(READING, name, quantity, 0, 60, 0.04);
            case AIR_FLOW -> Input.reading(READING, name, quantity, 0, 600, 0.06);
            case TEMPERATURE -> Input.reading(READING, name, quantity, -30, 150, 0.01);
            case SUCTION -> Input.reading(READING, name, quantity, 0, 60, 0.03);
            case VOLTAGE -> Input.reading(READING, name, quantity, 0, 300, 0.01);
            case RESISTANCE -> Input.reading(READING, name, quantity, 0, 1e7, 0.02);
            case SHARE -> Input.reading(READING, name, quantity, 0, 1, 0.07);
            case WEIGHT -> Input.reading(READING, name, quantity, 0, 20_000, 0.02);
            case MINUTES -> Input.reading(READING, name, quantity, 0, 600, 0.03);
            default -> Input.reading(READING, name, quantity, 0, 1e6, 0.03);
        };
    }
}
