package grimygasket.practice;

import grimygasket.gauge.Steady;
import grimygasket.gauge.SteadyValue;
import grimygasket.pack.evidence.Check;
import grimygasket.units.Quantity;
import grimygasket.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a simulated meter has shown since it was connected. */
public final class MeterSamples {
    private final Meter meter;
    private final Quantity quantity;
    private final List<Double> values = new ArrayList<>();

    private MeterSamples(Meter meter, Quantity quantity) {
        this.meter = meter;
        this.quantity = quantity;
    }

    /**
     * One sample.
     *
     * @param second since it was connected
     * @param value in the technician's unit
     * @param shown with that unit
     * @param steady the value taken while it is steady; null while it is not
     */
    public record Sample(
            double second,
            double value,
            String shown,
            String unit,
            @Nullable SteadyValue steady) {}

    /**
     * @param given how many had come before a connection was lost
     * @throws IllegalArgumentException if no meter measures what the check does
     */
    public static MeterSamples of(SimulatedMachine machine, Check check, int given) {
        var samples = new MeterSamples(Meter.of(machine, check), check.measure().quantity());
        for (int i = 0; i < given; i++) {
            samples.values.add(samples.meter.next());
        }
        return samples;
    }

    /** How many it has given. */
    public int count() {
        return values.size();
    }

    /** Half a second later. */
    public Sample next(UnitSystem system) {
        var unit = quantity.unit(system);
        double now = meter.next();
        values.add(now);
        return new Sample(
                values.size() * Meter.TICK,
                unit.fromBase(now),
                unit.show(now),
                unit.symbol(),
                SteadyValue.of(Steady.of(quantity, values), unit));
    }
}
