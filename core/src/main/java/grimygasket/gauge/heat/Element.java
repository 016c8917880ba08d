package grimygasket.gauge.heat;

import grimygasket.gauge.Gauge;
import grimygasket.gauge.Input;
import grimygasket.gauge.Input.Option;
import grimygasket.gauge.Judgement;
import grimygasket.gauge.Readings;
import grimygasket.gauge.Verdict;
import grimygasket.gauge.Working;
import grimygasket.pack.machine.Rating;
import grimygasket.units.Formula;
import grimygasket.units.Quantity;
import java.util.List;

/** An element and its cut-out by resistance. */
public final class Element extends Gauge {
    /** What resistance may be off by: winding tolerance, and cold wire against hot. */
    private static final double TOLERANCE = 0.15;

    private static final double OPEN = 5;

    public Element() {
        super(
                "element",
                "Element and cut-out",
                Group.POWER,
                "Whether element and cut-out are whole, and what power that resistance makes.",
                "P = V²/R, field guide, section 5; cold wire reads up to 15 % off. Isolated, plugs off, else it reads what lies "
                        + "beside it.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("ohms", "Element", Quantity.RESISTANCE, 0, 1e7, 0.02),
                Input.choice(
                        "cutout",
                        "Cut-out",
                        0,
                        new Option("unmeasured", "Not measured"),
                        new Option("closed", "Closed"),
                        new Option("open", "Open")),
                Input.rated("voltage", Rating.SUPPLY_VOLTAGE, 230),
                Input.rated("power", Rating.ELEMENT_POWER, 2500));
    }

    @Override
    public Judgement judge(Readings in) {
        var w = new Working(in);
        double right = in.value("voltage") * in.value("voltage") / in.value("power");
        w.line("It should have " + in.show("voltage") + "² ÷ " + in.show("power") + " = "
                + in.show(Quantity.RESISTANCE, right));
        if (in.value("ohms") > 0) {
            var power = w.result(
                    "Makes",
                    Quantity.POWER,
                    Formula.of((ohms, voltage) -> voltage * voltage / ohms),
                    "ohms",
                    "voltage");
            w.line("It makes " + in.show("voltage") + "² ÷ " + in.show("ohms") + " = " + w.show(power));
        }
        var share = w.compute(Quantity.SHARE, Formula.of(ohms -> ohms / right), "ohms");
        if (in.option("cutout").id().equals("open")) {
            return w.judge(
                    Verdict.BAD,
                    "The cut-out is open. Replace it only after what made it trip is cured; it is never bridged.",
                    null);
        }
        var verdict = Verdict.within(share, 1 - TOLERANCE, 1 + TOLERANCE);
        return w.judge(verdict, sentence(verdict, share.value()), null);
    }

    private static String sentence(Verdict verdict, double share) {
        return switch (verdict) {
            case GOOD -> "The element is whole.";
            case CANNOT_TELL -> "At the edge of what it should have: measure again with the plugs off.";
            default ->
                share > OPEN
                        ? "The element is open: replace it."
                        : share < 1
                                ? "Too low: part of the winding is bridged, or something lies beside it. Do not switch it on."
                                : "Too high: a joint has gone bad, or it is an element of less power.";
        };
    }
}
