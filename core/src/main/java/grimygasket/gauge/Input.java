package grimygasket.gauge;

import grimygasket.pack.machine.Rating;
import grimygasket.units.Figures;
import grimygasket.units.Quantity;
import grimygasket.units.Unit;
import grimygasket.units.UnitSystem;
import java.util.List;

/**
 * Something to enter at a gauge.
 *
 * @param id unique within the gauge
 * @param least what there can be at the least, in the quantity's base unit
 * @param most and at the most
 * @param usual taken where nothing else is known; null where it has to be entered
 * @param relativeUncertainty standard uncertainty of a reading by usual instruments, as a share of the value
 * @param rating what of a machine's data it is; null for a reading
 * @param optional whether it may be left out
 * @param options to choose from, instead of a number; then the value is an index
 */
public record Input(
        String id,
        String name,
        Quantity quantity,
        double least,
        double most,
        Double usual,
        double relativeUncertainty,
        Rating rating,
        boolean optional,
        List<Option> options) {
    private static final double STEPS_OVER_RANGE = 40;

    public record Option(String id, String name) {}

    public static Input reading(
            String id, String name, Quantity quantity, double least, double most, double relativeUncertainty) {
        return new Input(id, name, quantity, least, most, null, relativeUncertainty, null, false, List.of());
    }

    public static Input given(String id, String name, Quantity quantity, double least, double most, double usual) {
        return new Input(id, name, quantity, least, most, usual, 0, null, false, List.of());
    }

    /** What a machine is made for; its range is the rating's. */
    public static Input rated(String id, Rating rating, double usual) {
        return new Input(
                id,
                rating.title(),
                rating.quantity(),
                rating.least(),
                rating.most(),
                usual,
                0,
                rating,
                false,
                List.of());
    }

    public static Input choice(String id, String name, int usual, Option... options) {
        return new Input(
                id, name, Quantity.COUNT, 0, options.length - 1.0, (double) usual, 0, null, false, List.of(options));
    }

    public Input orNothing() {
        return new Input(id, name, quantity, least, most, usual, relativeUncertainty, rating, true, options);
    }

    /**
     * What one touch of its stepper adds: 1, 2 or 5 of a decimal place, so that some forty of them lead through the range,
     * or through twice the usual value.
     */
    public double step(Unit unit) {
        double width = usual == null || usual == 0 ? most - least : Math.min(most - least, 2 * usual);
        double raw = width / unit.size() / STEPS_OVER_RANGE;
        double decade = Math.pow(10, Math.floor(Math.log10(raw)));
        double first = raw / decade;
        double nice = first < 2 ? 1 : first < 5 ? 2 : 5;
        return quantity == Quantity.COUNT ? Math.max(1, nice * decade) : nice * decade;
    }

    /** What is wrong with a value; null if nothing is. */
    String problem(double value, Unit unit) {
        if (value >= least && value <= most) {
            return null;
        }
        if (value < 0 && least >= 0) {
            return name + " cannot be negative.";
        }
        return name + " lies between " + Figures.show(unit.fromBase(least)) + " and " + unit.show(most) + ", so "
                + unit.show(value) + " is a slip of the finger, or of the unit.";
    }

    String range(UnitSystem system) {
        var unit = quantity.unit(system);
        return Figures.show(unit.fromBase(least)) + " to " + unit.show(most);
    }
}
