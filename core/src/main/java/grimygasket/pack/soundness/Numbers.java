package grimygasket.pack.soundness;

import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fact;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.work.Cadence;
import grimygasket.pack.work.Proof;
import grimygasket.pack.work.Remedy;
import grimygasket.units.Quantity;
import grimygasket.units.UnitSystem;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * The trade figures of a pack by their addresses: what somebody has to know, as "ratings/FILL_FLOW", "faults/id/rate",
 * "symptoms/id/causes/fault", "checks/id/minutes", "checks/id/measure/normal", "remedies/id/cures/fault". What follows from the
 * grade of a check is not among them.
 */
public final class Numbers {
    private final Map<String, Figure> all = new LinkedHashMap<>();

    /**
     * One of them.
     *
     * @param value in the base unit
     */
    public record Figure(double value, Quantity quantity) {
        public String show(UnitSystem system) {
            return quantity.show(value, system);
        }
    }

    private Numbers() {}

    /** Address to figure, in the order of the pack. */
    public static Map<String, Figure> of(Pack pack) {
        var numbers = new Numbers();
        pack.ratings().forEach((rating, value) -> numbers.put(value, rating.quantity(), "ratings", rating));
        pack.layers().forEach(numbers::layer);
        pack.faults().forEach(numbers::fault);
        pack.symptoms().forEach(numbers::symptom);
        pack.facts().forEach(numbers::fact);
        pack.checks().forEach(numbers::check);
        pack.remedies().forEach(numbers::remedy);
        pack.proofs().forEach(numbers::proof);
        pack.cadences().forEach(numbers::cadence);
        pack.parts().stream()
                .filter(part -> part.price() > 0)
                .forEach(part -> numbers.put(part.price(), Quantity.MONEY, "parts", part.id(), "price"));
        return numbers.all;
    }

    private void layer(Layer layer) {
        put(layer.openMinutes(), Quantity.MINUTES, "layers", layer.id(), "openMinutes");
        put(layer.closeMinutes(), Quantity.MINUTES, "layers", layer.id(), "closeMinutes");
    }

    private void fault(Fault fault) {
        put(fault.rate(), Quantity.SHARE, "faults", fault.id(), "rate");
        put(fault.blocks(), Quantity.SHARE, "faults", fault.id(), "blocks");
        each(fault.broughtBy(), Quantity.SHARE, "faults", fault.id(), "broughtBy");
    }

    private void symptom(Symptom symptom) {
        put(symptom.minutes(), Quantity.MINUTES, "symptoms", symptom.id(), "minutes");
        put(symptom.leak(), Quantity.SHARE, "symptoms", symptom.id(), "leak");
        each(symptom.causes(), Quantity.SHARE, "symptoms", symptom.id(), "causes");
    }

    private void fact(Fact fact) {
        put(fact.minutes(), Quantity.MINUTES, "facts", fact.id(), "minutes");
        for (var choice : fact.choices()) {
            put(choice.share(), Quantity.SHARE, "facts", fact.id(), choice.id(), "share");
            each(choice.shifts(), Quantity.COUNT, "facts", fact.id(), choice.id(), "shifts");
        }
    }

    private void check(Check check) {
        put(check.minutes(), Quantity.MINUTES, "checks", check.id(), "minutes");
        var measure = check.measure();
        if (measure != null && measure.normal() != null) {
            put(measure.normal().mean(), measure.quantity(), "checks", check.id(), "measure", "normal");
            measure.levels()
                    .forEach((fault, level) ->
                            put(level.mean(), measure.quantity(), "checks", check.id(), "measure", fault));
        }
    }

    private void remedy(Remedy remedy) {
        put(remedy.minutes(), Quantity.MINUTES, "remedies", remedy.id(), "minutes");
        if (remedy.dryMinutes() > 0) {
            put(remedy.dryMinutes(), Quantity.MINUTES, "remedies", remedy.id(), "dryMinutes");
        }
        each(remedy.cures(), Quantity.SHARE, "remedies", remedy.id(), "cures");
    }

    private void proof(Proof proof) {
        put(proof.minutes(), Quantity.MINUTES, "proofs", proof.id(), "minutes");
        var reading = proof.reading();
        if (reading != null && reading.least() != null && reading.quantity() != null) {
            put(reading.least(), reading.quantity(), "proofs", proof.id(), "least");
            put(reading.most(), reading.quantity(), "proofs", proof.id(), "most");
        }
    }

    private void cadence(Cadence cadence) {
        put(cadence.shortDays(), Quantity.DAYS, "cadences", cadence.id(), "shortDays");
        put(cadence.longDays(), Quantity.DAYS, "cadences", cadence.id(), "longDays");
    }

    private void each(Map<String, Double> strengths, Quantity quantity, String... at) {
        strengths.forEach((fault, strength) -> put(strength, quantity, String.join("/", at), fault));
    }

    private void put(double value, Quantity quantity, Object... at) {
        var address = new StringBuilder();
        for (var part : at) {
            address.append(address.isEmpty() ? "" : "/").append(part);
        }
        all.put(address.toString(), new Figure(value, quantity));
    }
}
