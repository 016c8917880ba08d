package grimygasket.gauge.business;

import grimygasket.gauge.Gauge;
import grimygasket.gauge.Input;
import grimygasket.gauge.Judgement;
import grimygasket.gauge.Readings;
import grimygasket.gauge.Verdict;
import grimygasket.gauge.Working;
import grimygasket.pack.machine.Rating;
import grimygasket.units.Formula;
import grimygasket.units.Quantity;
import java.util.List;

/** Run time of a battery, from its charge and what is drawn. */
public final class RunTime extends Gauge {
    private static final double WORN = 0.6;
    private static final double WATCH = 0.8;

    /** What of the charge can be drawn before the guard switches off. */
    private static final double USABLE = 0.9;

    public RunTime() {
        super(
                "run-time",
                "Battery's run time",
                Group.POWER,
                "How long a full battery must run, and how worn one is that stops sooner.",
                "Time = charge × voltage × 0.9 ÷ power drawn; nine tenths can be drawn. At room temperature, fully charged.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("minutes", "It ran for", Quantity.MINUTES, 0.1, 240, 0.03),
                Input.rated("charge", Rating.BATTERY_CHARGE, 2.5),
                Input.rated("voltage", Rating.BATTERY_VOLTAGE, 21.6),
                Input.rated("power", Rating.MOTOR_POWER, 120));
    }

    @Override
    public Judgement judge(Readings in) {
        var w = new Working(in);
        double full = minutes(in.value("charge"), in.value("voltage"), in.value("power"));
        var share = w.result("Of its charge is left", Quantity.SHARE, Formula.of(minutes -> minutes / full), "minutes");
        w.result("New, it runs", Quantity.MINUTES, Formula.of(RunTime::minutes), "charge", "voltage", "power");
        w.line("New: " + in.show("charge") + " × " + in.show("voltage") + " × 0.9 × 60 ÷ " + in.show("power") + " = "
                + in.show(Quantity.MINUTES, full));
        w.line("Left: " + in.show("minutes") + " ÷ " + in.show(Quantity.MINUTES, full) + " = " + w.show(share));
        var verdict = Verdict.ofMore(share, WORN, WATCH);
        return w.judge(verdict, sentence(verdict, w.show(share)), null);
    }

    static double minutes(double ampereHours, double volts, double watts) {
        return ampereHours * volts * USABLE * 60 / watts;
    }

    private static String sentence(Verdict verdict, String share) {
        return switch (verdict) {
            case GOOD -> "The battery holds its charge.";
            case WATCH ->
                share + " of its charge: ageing, still usable. Clogged filters draw more, so clean them first.";
            case BAD ->
                "Only " + share + " of its charge: worn, or it was not full. Charge it once more before replacing it.";
            case CANNOT_TELL -> "Too uncertain: time it with a watch, from full.";
        };
    }
}
