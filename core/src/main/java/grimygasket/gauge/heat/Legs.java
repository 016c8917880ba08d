package grimygasket.gauge.heat;

import grimygasket.gauge.Gauge;
import grimygasket.gauge.Input;
import grimygasket.gauge.Judgement;
import grimygasket.gauge.Readings;
import grimygasket.gauge.UnfitReadings;
import grimygasket.gauge.Verdict;
import grimygasket.gauge.Working;
import grimygasket.pack.machine.Rating;
import grimygasket.units.Estimate;
import grimygasket.units.Formula;
import grimygasket.units.Quantity;
import java.util.List;

/** The two legs of a split-phase supply: which one is lost, and what is left for the element. */
public final class Legs extends Gauge {
    private static final double LOW = 0.85;
    private static final double HIGH = 1.1;

    public Legs() {
        super(
                "legs",
                "Supply legs",
                Group.POWER,
                "Whether both legs are there, and what the element gets.",
                "Each leg is half of the voltage across both; P goes with V², as P = V²/R. Live measurements are for the "
                        + "competent; fixed wiring is for a licensed electrician. Local codes come first.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("across", "Across both legs", Quantity.VOLTAGE, 0, 300, 0.01),
                Input.reading("first", "First leg to neutral", Quantity.VOLTAGE, 0, 300, 0.01),
                Input.reading("second", "Second leg to neutral", Quantity.VOLTAGE, 0, 300, 0.01),
                Input.rated("rated", Rating.SUPPLY_VOLTAGE, 240),
                Input.rated("power", Rating.ELEMENT_POWER, 5000));
    }

    @Override
    public Judgement judge(Readings in) {
        if (in.value("across") > HIGH * (in.value("first") + in.value("second"))) {
            throw UnfitReadings.of(
                    "across",
                    "Across both legs there cannot be more than in the two legs together: a leg was measured on the wrong "
                            + "terminal. Measure again.");
        }
        var w = new Working(in);
        double half = in.value("rated") / 2;
        var power = w.result(
                "The element gets",
                Quantity.POWER,
                Formula.of((across, made, rated) -> made * across * across / rated / rated),
                "across",
                "power",
                "rated");
        w.line("Element: " + in.show("power") + " × (" + in.show("across") + " ÷ " + in.show("rated") + ")² = "
                + w.show(power));
        w.line("Each leg should be " + in.show("rated") + " ÷ 2 = " + in.show(Quantity.VOLTAGE, half));
        var first = legIn(in, "first", half);
        var second = legIn(in, "second", half);
        if (first == Verdict.GOOD && second == Verdict.GOOD && in.value("across") < LOW * in.value("rated")) {
            return w.judge(
                    Verdict.WATCH,
                    "Both legs are there, but not across: both are on the same leg, or it was measured on the wrong terminals.",
                    null);
        }
        var verdict = first == Verdict.GOOD && second == Verdict.GOOD ? Verdict.GOOD : Verdict.BAD;
        return w.judge(verdict, sentence(first, second), null);
    }

    private static Verdict legIn(Readings in, String leg, double half) {
        var share = Estimate.exact(Quantity.SHARE, in.value(leg) / half);
        return Verdict.within(share, LOW, HIGH);
    }

    private static String sentence(Verdict first, Verdict second) {
        if (first == Verdict.GOOD && second == Verdict.GOOD) {
            return "Both legs are there.";
        }
        if (first != Verdict.GOOD && second != Verdict.GOOD) {
            return "Neither leg is right: breaker off, or the supply is for an electrician.";
        }
        return (first == Verdict.GOOD ? "The second" : "The first")
                + " leg is lost: the motor turns, the element stays cold. Breakers fully off, then fully on; if it trips again, "
                + "a licensed electrician.";
    }
}
