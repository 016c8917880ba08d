package grimygasket.gauge.air;

import grimygasket.gauge.Gauge;
import grimygasket.gauge.Input;
import grimygasket.gauge.Judgement;
import grimygasket.gauge.Readings;
import grimygasket.gauge.Verdict;
import grimygasket.gauge.Working;
import grimygasket.pack.machine.Rating;
import grimygasket.units.Formula;
import grimygasket.units.Quantity;
import grimygasket.units.Unit;
import java.util.List;

/** Air power of a vacuum cleaner. */
public final class AirPower extends Gauge {
    private static final double BAD = 0.5;
    private static final double WATCH = 0.75;

    /** Watts for each cubic foot a minute and inch of water. */
    private static final double WATTS = 0.117354;

    public AirPower() {
        super(
                "air-power",
                "Air power",
                Group.SUCTION,
                "What the machine moves, in watts, against what it is rated for.",
                "Air power = 0.117354 × ft³/min × inH₂O (ASTM F558), both read at the same time through the same opening.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("flow", "Air flow", Quantity.AIR_FLOW, 0, 400, 0.05),
                Input.reading("suction", "Suction at that flow", Quantity.SUCTION, 0, 60, 0.03),
                Input.rated("rated", Rating.AIR_POWER, 150));
    }

    @Override
    public Judgement judge(Readings in) {
        var w = new Working(in);
        var power = w.result("Air power", Quantity.POWER, Formula.of(AirPower::watts), "flow", "suction");
        var share = w.result(
                "Share of the rated power",
                Quantity.SHARE,
                Formula.of((flow, suction, rated) -> watts(flow, suction) / rated),
                "flow",
                "suction",
                "rated");
        w.line("0.117354 × " + Unit.CUBIC_FOOT_PER_MINUTE.show(in.value("flow")) + " × "
                + Unit.INCH_OF_WATER.show(in.value("suction")) + " = " + w.show(power));
        w.line("Share: " + w.show(power) + " ÷ " + in.show("rated") + " = " + w.show(share));
        var verdict = Verdict.ofMore(share, BAD, WATCH);
        return w.judge(verdict, sentence(verdict, w.show(share)), null);
    }

    static double watts(double cubicMetresPerHour, double kilopascals) {
        return WATTS
                * Unit.CUBIC_FOOT_PER_MINUTE.fromBase(cubicMetresPerHour)
                * Unit.INCH_OF_WATER.fromBase(kilopascals);
    }

    private static String sentence(Verdict verdict, String share) {
        return switch (verdict) {
            case GOOD -> "As strong as it should be.";
            case WATCH -> share + " of its rated power: filters and seals first.";
            case BAD -> "Only " + share + " of its rated power: something blocks it, or the motor is worn.";
            case CANNOT_TELL -> "Too uncertain: read flow and suction again, through the same opening.";
        };
    }
}
