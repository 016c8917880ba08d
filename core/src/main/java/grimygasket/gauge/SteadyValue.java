package grimygasket.gauge;

import grimygasket.units.Amount;
import grimygasket.units.Unit;
import org.jspecify.annotations.Nullable;

/**
 * The steady value of a shaking reading, for somebody.
 *
 * @param value in their unit, as is its standard uncertainty
 * @param shown with its unit
 */
public record SteadyValue(double value, double standardUncertainty, String shown) {
    /** @param steady null while it is not steady, as is the answer then */
    public static @Nullable SteadyValue of(@Nullable Amount steady, Unit unit) {
        return steady == null
                ? null
                : new SteadyValue(
                        unit.fromBase(steady.value()),
                        steady.standardUncertainty() / unit.size(),
                        unit.show(steady.value()));
    }
}
