package grimygasket.gauge.water;

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

/** Fill: what the tap gives, what the machine takes, and what stands between. */
public final class Fill extends Gauge {
    public Fill() {
        super(
                "fill",
                "Fill",
                Group.WATER,
                "Whether tap, screen or valve holds the water back, and how long a fill takes.",
                "Litres ÷ time; flow through an opening goes with the square root of the pressure (Torricelli), so a tap with "
                        + "half the flow has a quarter of the pressure left.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("litres", "Caught at the supply hose", Quantity.VOLUME, 0.05, 30, 0.03),
                Input.reading("seconds", "In this time", Quantity.SECONDS, 1, 600, 0.02),
                Input.reading("in", "Taken in by the machine", Quantity.VOLUME, 0, 60, 0.05)
                        .orNothing(),
                Input.reading("inSeconds", "In this time", Quantity.SECONDS, 1, 900, 0.02)
                        .orNothing(),
                Input.rated("rated", Rating.FILL_FLOW, 8),
                Input.rated("volume", Rating.FILL_VOLUME, 5));
    }

    @Override
    public Judgement judge(Readings in) {
        if (in.has("in") != in.has("inSeconds")) {
            throw UnfitReadings.of(in.has("in") ? "inSeconds" : "in", "Both or neither: litres and their time.");
        }
        var w = new Working(in);
        var tap = w.result(
                "The tap gives",
                Quantity.FLOW,
                Formula.of((litres, seconds) -> 60 * litres / seconds),
                "litres",
                "seconds");
        w.line("Tap: " + in.show("litres") + " ÷ " + in.show("seconds") + " = " + w.show(tap));
        var tapShare = w.compute(
                Quantity.SHARE,
                Formula.of((litres, seconds, rated) -> 60 * litres / seconds / rated),
                "litres",
                "seconds",
                "rated");
        w.line("Of the rated fill: " + w.show(tap) + " ÷ " + in.show("rated") + " = " + w.show(tapShare));
        if (!in.has("in")) {
            w.result("Share of the rated fill", tapShare);
            fillTime(w, in, Math.min(tap.value(), in.value("rated")));
            var verdict = Verdict.ofFlow(tapShare);
            return w.judge(verdict, ofTap(verdict, w.show(tapShare)), null);
        }
        var machine = w.result(
                "The machine takes",
                Quantity.FLOW,
                Formula.of((litres, seconds) -> 60 * litres / seconds),
                "in",
                "inSeconds");
        var share = w.result(
                "Share of the rated fill",
                Quantity.SHARE,
                Formula.of((litres, seconds, rated) -> 60 * litres / seconds / rated),
                "in",
                "inSeconds",
                "rated");
        w.line("Machine: " + in.show("in") + " ÷ " + in.show("inSeconds") + " = " + w.show(machine) + ", "
                + w.show(share) + " of " + in.show("rated"));
        fillTime(w, in, machine.value());
        var verdict = Verdict.ofFlow(share);
        return w.judge(verdict, ofMachine(verdict, tapShare.value(), w.show(share)), null);
    }

    private static void fillTime(Working w, Readings in, double flow) {
        if (flow > 0) {
            double minutes = in.value("volume") / flow;
            w.result("A fill takes", Estimate.exact(Quantity.MINUTES, minutes));
            w.line("A fill: " + in.show("volume") + " ÷ " + in.show(Quantity.FLOW, flow) + " = "
                    + in.show(Quantity.MINUTES, minutes));
        }
    }

    private static String ofTap(Verdict verdict, String share) {
        return switch (verdict) {
            case GOOD -> "The tap gives enough. If the machine still fills slowly, it is its screen or valve.";
            case CANNOT_TELL -> "Too little was caught to tell: catch for longer.";
            default ->
                "The tap gives only " + share
                        + " of what the machine needs: tap part shut, hose kinked, or pressure low.";
        };
    }

    private static String ofMachine(Verdict verdict, double tapShare, String share) {
        return switch (verdict) {
            case GOOD -> "It fills as it should.";
            case CANNOT_TELL -> "Too little to tell: let it fill for longer.";
            default ->
                tapShare >= Verdict.FOUR_FIFTHS
                        ? "The tap gives enough, and the machine takes " + share
                                + ": screen clogged, or valve not fully open."
                        : "The tap gives too little already: tap, hose or pressure, before screen and valve.";
        };
    }
}
