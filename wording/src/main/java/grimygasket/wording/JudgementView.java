package grimygasket.wording;

import grimygasket.gauge.Gauge;
import grimygasket.gauge.Judgement;
import grimygasket.gauge.Picture;
import grimygasket.gauge.Verdict;
import grimygasket.units.Estimate;
import grimygasket.units.Unit;
import grimygasket.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A judgement in somebody's units.
 *
 * @param sentence the verdict in words
 * @param against what it was judged against
 * @param arithmetic line by line, with the numbers filled in
 * @param picture null where there is nothing to draw
 * @param text all of it as plain text, to be copied
 */
public record JudgementView(
        Verdict verdict,
        String sentence,
        String against,
        List<ResultView> results,
        List<String> arithmetic,
        @Nullable PictureView picture,
        String text) {

    /**
     * @param shown with its unit
     * @param between the interval that holds it in 95 of 100 cases, with the unit; null where it is exact
     * @param other in the other system's unit; null where that is the same
     * @param value in the technician's own unit
     * @param standardUncertainty in the same unit, as wide as the interval makes it
     */
    public record ResultView(
            String name,
            String shown,
            @Nullable String between,
            @Nullable String other,
            double value,
            double standardUncertainty,
            String unit) {}

    public record PictureView(AxisView x, AxisView y, List<CurveView> curves, List<MarkView> marks) {}

    public record AxisView(String name, String unit) {}

    public record CurveView(String name, Picture.Stroke stroke, List<PointView> points) {}

    public record PointView(double x, double y) {}

    public record MarkView(String name, double x, double y) {}

    /** Width of an interval in standard deviations. */
    private static final double WIDTH = 2 * Estimate.COVERAGE;

    public static JudgementView of(Gauge gauge, Judgement judgement, UnitSystem system) {
        var results = judgement.results().stream()
                .map(result -> of(result.name(), result.value(), system))
                .toList();
        return new JudgementView(
                judgement.verdict(),
                judgement.sentence(),
                judgement.against(),
                results,
                judgement.arithmetic(),
                judgement.picture() == null ? null : of(judgement.picture(), system),
                text(gauge, judgement, results));
    }

    private static ResultView of(String name, Estimate value, UnitSystem system) {
        var unit = value.quantity().unit(system);
        var other = value.quantity().unit(system == UnitSystem.METRIC ? UnitSystem.US : UnitSystem.METRIC);
        boolean exact = value.low() == value.high();
        return new ResultView(
                name,
                unit.show(value.value()),
                exact ? null : between(value, unit),
                other == unit ? null : other.show(value.value()),
                unit.fromBase(value.value()),
                (value.high() - value.low()) / unit.size() / WIDTH,
                unit.symbol());
    }

    private static String between(Estimate value, Unit unit) {
        return unit.show(value.low()) + " to " + unit.show(value.high());
    }

    private static PictureView of(Picture picture, UnitSystem system) {
        var x = picture.x().quantity().unit(system);
        var y = picture.y().quantity().unit(system);
        return new PictureView(
                new AxisView(picture.x().name(), x.symbol()),
                new AxisView(picture.y().name(), y.symbol()),
                picture.curves().stream()
                        .map(curve -> new CurveView(
                                curve.name(),
                                curve.stroke(),
                                curve.points().stream()
                                        .map(point -> new PointView(x.fromBase(point.x()), y.fromBase(point.y())))
                                        .toList()))
                        .toList(),
                picture.marks().stream()
                        .map(mark -> new MarkView(mark.name(), x.fromBase(mark.x()), y.fromBase(mark.y())))
                        .toList());
    }

    private static String text(Gauge gauge, Judgement judgement, List<ResultView> results) {
        var lines = new ArrayList<String>();
        lines.add(gauge.name() + ": " + judgement.sentence());
        lines.add("Judged against " + judgement.against() + ".");
        results.forEach(result -> lines.add(result.name + ": " + result.shown
                + (result.between == null ? "" : " (" + result.between + ")")
                + (result.other == null ? "" : " = " + result.other)));
        lines.addAll(judgement.arithmetic());
        return String.join("\n", lines);
    }
}
