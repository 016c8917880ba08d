package grimygasket.gauge;

import grimygasket.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * Curves with the machine's place on them; all values in base units.
 *
 * @param marks places to look at, the machine's own first
 */
public record Picture(Axis x, Axis y, List<Curve> curves, List<Mark> marks) {
    private static final int STEPS = 40;

    public Picture {
        curves = List.copyOf(curves);
        marks = List.copyOf(marks);
    }

    public record Axis(String name, Quantity quantity) {}

    public enum Stroke {
        SOLID,
        DASHED,
        DOTTED
    }

    public record Curve(String name, Stroke stroke, List<Point> points) {
        public Curve {
            points = List.copyOf(points);
        }
    }

    public record Point(double x, double y) {}

    public record Mark(String name, double x, double y) {}

    public static Curve curve(String name, Stroke stroke, double from, double to, DoubleUnaryOperator y) {
        var points = new ArrayList<Point>();
        for (int i = 0; i <= STEPS; i++) {
            double x = from + (to - from) * i / STEPS;
            points.add(new Point(x, y.applyAsDouble(x)));
        }
        return new Curve(name, stroke, points);
    }

    public static Curve level(String name, double from, double to, double y) {
        return new Curve(name, Stroke.DOTTED, List.of(new Point(from, y), new Point(to, y)));
    }
}
