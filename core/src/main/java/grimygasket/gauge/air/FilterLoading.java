package grimygasket.gauge.air;

import grimygasket.flow.Narrowing;
import grimygasket.flow.Suction;
import grimygasket.gauge.Gauge;
import grimygasket.gauge.Input;
import grimygasket.gauge.Judgement;
import grimygasket.gauge.Picture;
import grimygasket.gauge.Picture.Axis;
import grimygasket.gauge.Picture.Mark;
import grimygasket.gauge.Picture.Stroke;
import grimygasket.gauge.Readings;
import grimygasket.gauge.UnfitReadings;
import grimygasket.gauge.Verdict;
import grimygasket.gauge.Working;
import grimygasket.units.Formula;
import grimygasket.units.Quantity;
import java.util.List;

/** How loaded a filter is, by the suction with it and without it. */
public final class FilterLoading extends Gauge {
    /** Bin and filter. */
    private static final int STATIONS = 2;

    private static final double BAD = 0.25;
    private static final double WATCH = 0.5;

    public FilterLoading() {
        super(
                "filter-loading",
                "Filter's loading",
                Group.SUCTION,
                "How much of a filter is still open, by taking it out briefly.",
                "Two orifices in series: the bleed of a sound machine, a quarter of its inlet, and the filter with 1/a². Valid "
                        + "for sound seals. Never run it without its filter for more than a few seconds.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("with", "With the filter", Quantity.SUCTION, 0.1, 60, 0.02),
                Input.reading("without", "Without it, briefly", Quantity.SUCTION, 0.1, 60, 0.02));
    }

    @Override
    public Judgement judge(Readings in) {
        if (in.value("with") > 1.2 * in.value("without")) {
            throw UnfitReadings.of(
                    "without", "Weaker without the filter than with it: the two are swapped, or the lid was not shut.");
        }
        var w = new Working(in);
        var open = w.result(
                "Filter, open by",
                Quantity.SHARE,
                Formula.of((with, without) -> open(with / without)),
                "with",
                "without");
        var share = w.result(
                "Suction that gets through it",
                Quantity.SHARE,
                Formula.of((with, without) -> with / without),
                "with",
                "without");
        w.line("Through it: " + in.show("with") + " ÷ " + in.show("without") + " = " + w.show(share));
        w.line("Two orifices in series give that share when the filter is " + w.show(open) + " open");
        var verdict = Verdict.ofMore(open, BAD, WATCH);
        return w.judge(
                verdict, sentence(verdict, w.show(open)), "a clean filter", picture(share.value(), open.value()));
    }

    /** Open share of a filter by what of the suction it lets through. */
    static double open(double share) {
        return Narrowing.open(STATIONS, Suction.resistance(share));
    }

    private static String sentence(Verdict verdict, String open) {
        return switch (verdict) {
            case GOOD -> "The filter is open: look upstream.";
            case WATCH -> open + " open: wash it, by its kind, and dry it fully.";
            case BAD -> "Only " + open + " open: wash it inside, or replace it.";
            case CANNOT_TELL -> "The two readings lie too close: read each three times.";
        };
    }

    private static Picture picture(double share, double open) {
        return new Picture(
                new Axis("Filter blocked", Quantity.SHARE),
                new Axis("Suction that is left", Quantity.SHARE),
                List.of(Picture.curve(
                        "Sound seals",
                        Stroke.SOLID,
                        0,
                        0.95,
                        blocked -> Suction.share(Narrowing.resistance(STATIONS, 1 - blocked), Suction.SOUND_BLEED))),
                List.of(new Mark("Now", 1 - open, Math.min(1, share))));
    }
}
