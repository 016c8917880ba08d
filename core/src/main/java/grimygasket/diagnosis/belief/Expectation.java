package grimygasket.diagnosis.belief;

import grimygasket.gauge.Verdict;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Measure;
import grimygasket.units.Amount;
import grimygasket.units.Estimate;
import grimygasket.units.Figures;
import grimygasket.units.Formula;
import grimygasket.units.Quantity;
import grimygasket.units.UnitSystem;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What a check would read on a sound machine, and what another reading then means.
 *
 * @param sound with its spread between machines of the kind
 */
public record Expectation(Measure measure, Amount sound) {
    /** Of every check at which something can be measured, by its id. */
    public static Map<String, Expectation> of(Pack pack, Machine machine) {
        var network = Networks.of(pack, machine, 0);
        var expectations = new LinkedHashMap<String, Expectation>();
        for (var check : pack.checks()) {
            if (check.measure() != null) {
                expectations.put(
                        check.id(),
                        new Expectation(check.measure(), network.reading(check).sound()));
            }
        }
        return expectations;
    }

    public double low() {
        return sound.value() - Estimate.COVERAGE * sound.standardUncertainty();
    }

    public double high() {
        return sound.value() + Estimate.COVERAGE * sound.standardUncertainty();
    }

    /** A reading as a share of the sound one. */
    public double share(Amount reading) {
        return reading.value() / sound.value();
    }

    /** Whether a reading is to be spoken of as a share of the sound one: a flow or a suction, not a level. */
    public boolean isShare() {
        return measure.model() != Measure.Model.LEVEL && measure.model() != Measure.Model.HEAT;
    }

    /** A reading beside what it is judged against: "6.1 L/min, 45% of a sound one's 13.4 L/min". */
    public String say(Amount reading, UnitSystem system) {
        var quantity = measure.quantity();
        var shown = quantity.show(reading.value(), system);
        return isShare()
                ? shown + ", " + Quantity.SHARE.show(share(reading), system) + " of a sound one’s "
                        + quantity.show(sound.value(), system)
                : shown + "; sound ones read " + range(system);
    }

    /** What sound machines read: "48.1 to 59.9 °C". */
    public String range(UnitSystem system) {
        var unit = measure.quantity().unit(system);
        return Figures.show(unit.fromBase(low())) + " to " + unit.show(high());
    }

    /** Flows and suctions by their share; a level by whether sound machines read so. */
    public Verdict verdict(Amount reading) {
        if (isShare()) {
            return Verdict.ofFlow(
                    Estimate.of(Quantity.SHARE, Formula.of(measured -> measured / sound.value()), reading));
        }
        return Verdict.within(
                Estimate.of(measure.quantity(), Formula.of(measured -> measured), reading), low(), high());
    }
}
