package grimygasket.gauge.water;

import grimygasket.gauge.Gauge;
import grimygasket.gauge.Input;
import grimygasket.gauge.Judgement;
import grimygasket.gauge.Readings;
import grimygasket.gauge.Verdict;
import grimygasket.gauge.Working;
import grimygasket.units.Estimate;
import grimygasket.units.Formula;
import grimygasket.units.Quantity;
import java.util.List;

/** Water still in the machine before a trap or sump is opened, and the pans that it fills. */
public final class StandingWater extends Gauge {
    private static final double MANY_PANS = 6;

    public StandingWater() {
        super(
                "water-left",
                "Water still in it",
                Group.WATER,
                "How much runs out when it is opened, and how many pans that is.",
                "Tub area × level + what hoses hold. A level read by eye is good to about a tenth.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("level", "Height of the water", Quantity.LEVEL, 0, 60, 0.1),
                Input.given("area", "Floor of the tub", Quantity.AREA, 0.01, 1, 0.2),
                Input.given("hose", "In hoses and pump", Quantity.VOLUME, 0, 20, 1),
                Input.given("pan", "The pan in hand holds", Quantity.VOLUME, 0.1, 60, 2));
    }

    @Override
    public Judgement judge(Readings in) {
        var w = new Working(in);
        var litres = w.result(
                "Water",
                Quantity.VOLUME,
                Formula.of((area, level, hose) ->
                        ResidualWater.of(area, level, hose).litres()),
                "area",
                "level",
                "hose");
        int fills = new ResidualWater(litres.high()).fills(in.value("pan"));
        w.result("Pans, at most", Estimate.exact(Quantity.COUNT, fills));
        w.line("Water: " + in.show("area") + " × " + in.show("level") + " + " + in.show("hose") + " = "
                + w.show(litres));
        w.line("Pans: " + in.show(Quantity.VOLUME, litres.high()) + " at most ÷ " + in.show("pan") + ", rounded up = "
                + fills);
        var verdict = fills <= 1 ? Verdict.GOOD : fills <= MANY_PANS ? Verdict.WATCH : Verdict.BAD;
        return w.judge(verdict, sentence(verdict, fills), "the pan in hand", null);
    }

    private static String sentence(Verdict verdict, int fills) {
        return switch (verdict) {
            case GOOD -> "It all fits into the pan.";
            case WATCH -> "Up to " + fills + " pans: open a turn, close when the pan is full.";
            default -> "Up to " + fills + " pans: take the by-pass hose and a bucket, or the wet vacuum.";
        };
    }
}
