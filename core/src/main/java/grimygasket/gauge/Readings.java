package grimygasket.gauge;

import grimygasket.pack.machine.Ratings;
import grimygasket.units.Amount;
import grimygasket.units.Figures;
import grimygasket.units.Quantity;
import grimygasket.units.Unit;
import grimygasket.units.UnitSystem;
import grimygasket.util.Unfit;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What was entered at a gauge, checked; what was left out is what the machine's data or the usual ones say. */
public final class Readings {
    private final Map<String, Input> inputs = new HashMap<>();
    private final Map<String, Amount> amounts = new HashMap<>();
    private final Ratings ratings;
    private final UnitSystem system;
    private boolean allOwn = true;

    private Readings(Ratings ratings, UnitSystem system) {
        this.ratings = ratings;
        this.system = system;
    }

    /**
     * A value as it was typed.
     *
     * @param text the number
     * @param unit symbol of its unit; null for that of the system
     * @param standardUncertainty in the same unit, from an instrument that says it; null for the usual one
     * @param source what it was taken off; null for what was read off an instrument and typed
     */
    public record Typed(
            String text,
            @Nullable String unit,
            @Nullable Double standardUncertainty,
            @Nullable Source source) {
        public static Typed of(String text) {
            return new Typed(text, null, null, null);
        }
    }

    /**
     * @param typed input id to what stands there; blank is left out
     * @throws UnfitReadings with a sentence for each input that is wrong or missing
     */
    public static Readings of(List<Input> inputs, Map<String, Typed> typed, Ratings ratings, UnitSystem system) {
        var readings = new Readings(ratings, system);
        var problems = new LinkedHashMap<String, String>();
        for (var input : inputs) {
            readings.inputs.put(input.id(), input);
            try {
                readings.add(input, typed.get(input.id()));
            } catch (Unfit e) {
                problems.put(input.id(), e.getMessage());
            }
        }
        if (!problems.isEmpty()) {
            throw new UnfitReadings(problems);
        }
        return readings;
    }

    private void add(Input input, Typed typed) {
        if (typed == null || typed.text == null || typed.text.isBlank()) {
            addUnentered(input);
            return;
        }
        var unit = unit(input, typed.unit);
        double value = input.options().isEmpty() ? unit.toBase(Figures.read(typed.text)) : option(input, typed.text);
        var problem = input.problem(value, unit);
        if (problem != null) {
            throw new Unfit(problem);
        }
        double uncertainty = typed.standardUncertainty == null
                ? Math.abs(value) * input.relativeUncertainty()
                : typed.standardUncertainty * unit.size();
        amounts.put(input.id(), new Amount(input.quantity(), value, uncertainty));
    }

    private void addUnentered(Input input) {
        var rated = input.rating() == null ? null : ratings.of(input.rating());
        if (rated != null) {
            allOwn &= ratings.isOwn(input.rating());
            amounts.put(input.id(), Amount.exact(input.quantity(), rated));
        } else if (input.usual() != null) {
            allOwn &= input.rating() == null;
            amounts.put(input.id(), Amount.exact(input.quantity(), input.usual()));
        } else if (!input.optional()) {
            throw new Unfit("Enter a number: " + input.range(system) + ".");
        }
    }

    private static double option(Input input, String id) {
        for (int i = 0; i < input.options().size(); i++) {
            if (input.options().get(i).id().equals(id)) {
                return i;
            }
        }
        throw new Unfit("Choose one of those shown.");
    }

    private Unit unit(Input input, String symbol) {
        var own = input.quantity().unit(system);
        if (symbol == null || symbol.equals(own.symbol())) {
            return own;
        }
        for (var candidate : UnitSystem.values()) {
            if (input.quantity().unit(candidate).symbol().equals(symbol)) {
                return input.quantity().unit(candidate);
            }
        }
        return input.quantity().others().stream()
                .filter(other -> other.symbol().equals(symbol))
                .findFirst()
                .orElseThrow(() -> new Unfit("“" + symbol + "” is no unit for this."));
    }

    public boolean has(String id) {
        return amounts.containsKey(id);
    }

    Amount amount(String id) {
        return amounts.get(id);
    }

    public double value(String id) {
        return amounts.get(id).value();
    }

    /** The option chosen. */
    public Input.Option option(String id) {
        return inputs.get(id).options().get((int) value(id));
    }

    /** A value that was entered, in the system's unit. */
    public String show(String id) {
        return show(amounts.get(id).quantity(), value(id));
    }

    public String show(Quantity quantity, double base) {
        return quantity.show(base, system);
    }

    UnitSystem system() {
        return system;
    }

    /** What the machine is judged against. */
    String against() {
        return allOwn ? "this machine's own data" : "what is usual for " + ratings.kind();
    }
}
