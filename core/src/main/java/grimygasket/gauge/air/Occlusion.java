package grimygasket.gauge.air;

import grimygasket.flow.Circuit;
import grimygasket.flow.Narrowing;
import grimygasket.flow.PressureSource;
import grimygasket.gauge.Gauge;
import grimygasket.gauge.Input;
import grimygasket.gauge.Input.Option;
import grimygasket.gauge.Judgement;
import grimygasket.gauge.Picture;
import grimygasket.gauge.Picture.Axis;
import grimygasket.gauge.Picture.Mark;
import grimygasket.gauge.Picture.Stroke;
import grimygasket.gauge.Readings;
import grimygasket.gauge.Verdict;
import grimygasket.gauge.Working;
import grimygasket.units.Estimate;
import grimygasket.units.Figures;
import grimygasket.units.Formula;
import grimygasket.units.Quantity;
import java.util.List;

/** What a blocked place does to the flow: far from linear. */
public final class Occlusion extends Gauge {
    /** By path: how much its source sags at normal flow, as a multiple of the clean line's loss, and its stations. */
    private static final double[] SAG = {3, 0, 1.5, 0.5};

    private static final int[] STATIONS = {5, 3, 5, 5};

    public Occlusion() {
        super(
                "occlusion",
                "Blocked, and what it does",
                Group.UPKEEP,
                "How much flow is left when a screen, trap or duct is so far blocked.",
                "One narrow place with 1/a² of its part of the loss, behind a source that gives more head the less flows: "
                        + "Q/Qn = √((1 + s) ÷ (r + s)). Shares for usual domestic machines.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("blocked", "Blocked", Quantity.SHARE, 0, 1, 0.07),
                Input.choice(
                        "path",
                        "In a",
                        0,
                        new Option("drain", "Drain with its pump"),
                        new Option("fill", "Fill from the mains"),
                        new Option("duct", "Dryer's air"),
                        new Option("vacuum", "Vacuum's air")));
    }

    @Override
    public Judgement judge(Readings in) {
        int path = (int) in.value("path");
        double sag = SAG[path];
        int stations = STATIONS[path];
        var w = new Working(in);
        var left = w.result(
                "Flow that is left", Quantity.SHARE, Formula.of(blocked -> left(blocked, sag, stations)), "blocked");
        double resistance = Narrowing.resistance(stations, 1 - Math.min(1, in.value("blocked")));
        for (double worse : new double[] {0.5, 0.8, 0.95}) {
            w.result(
                    "At " + in.show(Quantity.SHARE, worse) + " blocked",
                    Estimate.exact(Quantity.SHARE, left(worse, sag, stations)));
        }
        w.line("Resistance: (" + (stations - 1) + " + 1 ÷ (1 − " + in.show("blocked") + ")²) ÷ " + stations + " = "
                + Figures.show(resistance) + " times clean");
        w.line("Flow: √((1 + " + Figures.show(sag) + ") ÷ (" + Figures.show(resistance) + " + " + Figures.show(sag)
                + ")) = " + w.show(left));
        var verdict = Verdict.ofFlow(left);
        return w.judge(
                verdict,
                sentence(verdict, in.show("blocked"), w.show(left)),
                "the clean path",
                picture(in, sag, stations));
    }

    /** Share of the flow that is left: a source of head {@code 1 + s} whose sag is s, against a line whose loss is 1. */
    static double left(double blocked, double sag, int stations) {
        var source = sag == 0 ? PressureSource.constant(1) : new PressureSource(1 + sag, Math.sqrt((1 + sag) / sag));
        double open = Math.max(0, Math.min(1, 1 - blocked));
        return new Circuit(source, 0, 1).flow(Narrowing.resistance(stations, open));
    }

    private static String sentence(Verdict verdict, String blocked, String left) {
        return switch (verdict) {
            case GOOD -> blocked + " blocked, and still " + left + " of the flow: nobody notices yet.";
            case WATCH -> blocked + " blocked leaves " + left + " of the flow: from here on it goes fast.";
            case BAD -> blocked + " blocked leaves only " + left + " of the flow.";
            case CANNOT_TELL ->
                "Here a little more or less blocked makes all the difference: look again, in good light.";
        };
    }

    private static Picture picture(Readings in, double sag, int stations) {
        double blocked = in.value("blocked");
        return new Picture(
                new Axis("Blocked", Quantity.SHARE),
                new Axis("Flow that is left", Quantity.SHARE),
                List.of(
                        Picture.curve("This path", Stroke.SOLID, 0, 1, b -> left(b, sag, stations)),
                        Picture.curve("If it were linear", Stroke.DOTTED, 0, 1, b -> 1 - b)),
                List.of(new Mark("Here", blocked, left(blocked, sag, stations))));
    }
}
