package grimygasket.gauge.air;

import grimygasket.gauge.Gauge;
import grimygasket.gauge.Input;
import grimygasket.gauge.Judgement;
import grimygasket.gauge.Readings;
import grimygasket.gauge.Verdict;
import grimygasket.gauge.Working;
import grimygasket.pack.machine.Rating;
import grimygasket.units.Figures;
import grimygasket.units.Formula;
import grimygasket.units.Quantity;
import java.util.List;

/** A duct's equivalent length, bends included, against its limit. */
public final class DuctLength extends Gauge {
    /** Metres that a bend of 90° counts for in a duct of 100 mm; field guide, section 5. */
    private static final double QUARTER_BEND = 1.5;

    private static final double EIGHTH_BEND = 0.75;
    private static final double OF_DIAMETER = 100;
    private static final double NEAR = 0.8;

    public DuctLength() {
        super(
                "duct-length",
                "Duct's length",
                Group.HEAT_AND_AIR,
                "Whether a duct is too long, with its bends counted as straight duct.",
                "Straight + 1.5 m for each 90° bend + 0.75 m for each 45° bend at 100 mm, in proportion to the diameter. The "
                        + "maker's limit and the local code come first.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("straight", "Straight duct", Quantity.LENGTH, 0, 40, 0.03),
                Input.given("quarter", "Bends of 90°", Quantity.COUNT, 0, 12, 0),
                Input.given("eighth", "Bends of 45°", Quantity.COUNT, 0, 12, 0),
                Input.given("diameter", "Diameter", Quantity.BORE, 60, 200, 100),
                Input.rated("limit", Rating.DUCT_LIMIT, 8));
    }

    @Override
    public Judgement judge(Readings in) {
        var w = new Working(in);
        var length = w.result(
                "Counts as straight duct",
                Quantity.LENGTH,
                Formula.of(DuctLength::equivalent),
                "straight",
                "quarter",
                "eighth",
                "diameter");
        double scale = in.value("diameter") / OF_DIAMETER;
        w.line(in.show("straight") + " + " + in.show("quarter") + " × "
                + in.show(Quantity.LENGTH, QUARTER_BEND * scale) + " + " + in.show("eighth") + " × "
                + in.show(Quantity.LENGTH, EIGHTH_BEND * scale) + " = " + w.show(length));
        double limit = in.value("limit");
        w.line("Of the limit: " + w.show(length) + " ÷ " + in.show("limit") + " = "
                + Figures.show(100 * length.value() / limit) + "%");
        var verdict = Verdict.ofLess(length, NEAR * limit, limit);
        return w.judge(verdict, sentence(verdict, w.show(length), in.show("limit")), null);
    }

    static double equivalent(double straight, double quarterBends, double eighthBends, double diameterMillimetres) {
        return straight + (QUARTER_BEND * quarterBends + EIGHTH_BEND * eighthBends) * diameterMillimetres / OF_DIAMETER;
    }

    private static String sentence(Verdict verdict, String length, String limit) {
        return switch (verdict) {
            case GOOD -> "Short enough.";
            case WATCH -> length + " is near the limit of " + limit + ": a little lint is already too much.";
            case BAD -> length + " is over the limit of " + limit + ": shorten it, or take out bends.";
            case CANNOT_TELL -> "Near the limit of " + limit + ": measure it with a tape.";
        };
    }
}
