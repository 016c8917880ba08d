package grimygasket.gauge;

import static org.testng.Assert.expectThrows;

import grimygasket.gauge.Judgement.Result;
import grimygasket.gauge.Readings.Typed;
import grimygasket.gauge.all.Gauges;
import grimygasket.pack.machine.Ratings;
import grimygasket.units.UnitSystem;
import java.util.HashMap;
import java.util.Map;

/** A gauge with what is typed at it. */
final class GaugeBench {
    private final Gauge gauge;
    private final Map<String, Typed> typed = new HashMap<>();
    private UnitSystem system = UnitSystem.METRIC;
    private Ratings ratings = Ratings.NONE;

    private GaugeBench(String id) {
        gauge = Gauges.of(id);
    }

    static GaugeBench at(String id) {
        return new GaugeBench(id);
    }

    GaugeBench us() {
        system = UnitSystem.US;
        return this;
    }

    GaugeBench of(Ratings machine) {
        ratings = machine;
        return this;
    }

    GaugeBench type(String input, String text) {
        typed.put(input, Typed.of(text));
        return this;
    }

    GaugeBench type(String input, String text, String unit) {
        typed.put(input, new Typed(text, unit, null, null));
        return this;
    }

    Judgement judge() {
        return gauge.judge(Readings.of(gauge.inputs(), typed, ratings, system));
    }

    /** A result in its base unit. */
    double result(String name) {
        return named(name).value().value();
    }

    Result named(String name) {
        return judge().results().stream()
                .filter(result -> result.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError(name + " is not among " + judge().results()));
    }

    Verdict verdict() {
        return judge().verdict();
    }

    /** What it says of an input that it cannot take. */
    String refusal(String input) {
        return expectThrows(UnfitReadings.class, this::judge).problems().get(input);
    }
}
