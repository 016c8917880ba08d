package grimygasket.wording;

import grimygasket.gauge.Gauge;
import grimygasket.gauge.Input;
import grimygasket.pack.machine.Rating;
import grimygasket.pack.machine.Ratings;
import grimygasket.units.Figures;
import grimygasket.units.Quantity;
import grimygasket.units.Unit;
import grimygasket.units.UnitSystem;
import grimygasket.util.Distinct;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A gauge with its inputs, in somebody's units. */
public record GaugeView(
        String id, String name, @Nullable String group, String tells, String source, List<InputView> inputs) {

    /**
     * @param units that it may be entered in, the technician's own first
     * @param usual taken if nothing is entered; null where something must be
     * @param own whether that is this machine's own
     * @param rating what of a machine's data it is; null for a reading
     * @param step that one touch adds
     */
    public record InputView(
            String id,
            String name,
            Quantity quantity,
            List<String> units,
            @Nullable String usual,
            boolean own,
            @Nullable Rating rating,
            boolean optional,
            List<Input.Option> options,
            double least,
            double most,
            double step) {}

    public static GaugeView of(Gauge gauge, Ratings ratings, UnitSystem system) {
        return new GaugeView(
                gauge.id(),
                gauge.name(),
                gauge.group().title(),
                gauge.tells(),
                gauge.source(),
                gauge.inputs().stream().map(input -> of(input, ratings, system)).toList());
    }

    private static InputView of(Input input, Ratings ratings, UnitSystem system) {
        var unit = input.quantity().unit(system);
        return new InputView(
                input.id(),
                input.name(),
                input.quantity(),
                units(input.quantity(), system),
                usual(input, ratings, unit),
                input.rating() != null && ratings.isOwn(input.rating()),
                input.rating(),
                input.optional(),
                input.options(),
                unit.fromBase(input.least()),
                unit.fromBase(input.most()),
                input.step(unit));
    }

    /** The technician's own; of a quantity that strips and instruments give in several, all of them. */
    private static List<String> units(Quantity quantity, UnitSystem system) {
        var own = Stream.of(quantity.unit(system));
        var all = quantity.others().isEmpty()
                ? own
                : Stream.of(own, Arrays.stream(UnitSystem.values()).map(quantity::unit), quantity.others().stream())
                        .flatMap(units -> units);
        return all.map(Unit::symbol).collect(Distinct.toList());
    }

    private static String usual(Input input, Ratings ratings, Unit unit) {
        var rated = input.rating() == null ? null : ratings.of(input.rating());
        var usual = rated == null ? input.usual() : rated;
        if (usual == null) {
            return null;
        }
        return input.options().isEmpty()
                ? Figures.show(unit.fromBase(usual))
                : input.options().get(usual.intValue()).id();
    }
}
