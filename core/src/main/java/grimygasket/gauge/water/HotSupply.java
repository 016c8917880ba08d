package grimygasket.gauge.water;

import grimygasket.gauge.Gauge;
import grimygasket.gauge.Input;
import grimygasket.gauge.Judgement;
import grimygasket.gauge.Picture;
import grimygasket.gauge.Picture.Axis;
import grimygasket.gauge.Picture.Mark;
import grimygasket.gauge.Picture.Stroke;
import grimygasket.gauge.Readings;
import grimygasket.gauge.Verdict;
import grimygasket.gauge.Working;
import grimygasket.units.Formula;
import grimygasket.units.Quantity;
import java.util.List;

/** Hot supply: the water that stands cold in the pipe, and how warm the first fill gets. */
public final class HotSupply extends Gauge {
    /** 120 °F: works, and is the usual upper limit for a home's heater because of scalding. Field guide, section 4. */
    private static final double LIMIT = 49;

    private static final double STILL_WORKS = 43;

    public HotSupply() {
        super(
                "hot-supply",
                "Hot supply",
                Group.WATER,
                "How much to run before the water is hot, and how warm the fill becomes without that.",
                "Pipe as a cylinder, π·(d/2)²·length; the fill as a mix by volumes. Heat lost to the pipe is left out, so it is "
                        + "rather cooler. Local codes and the maker's instructions come first.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("hot", "Hot tap, after a minute", Quantity.TEMPERATURE, 5, 95, 0.01),
                Input.given("cold", "Water standing in the pipe", Quantity.TEMPERATURE, 1, 40, 18),
                Input.reading("length", "Pipe from heater to machine", Quantity.LENGTH, 0.5, 60, 0.05),
                Input.given("bore", "Bore of the pipe", Quantity.BORE, 6, 40, 13),
                Input.given("fill", "Water of one fill", Quantity.VOLUME, 1, 60, 4));
    }

    @Override
    public Judgement judge(Readings in) {
        var w = new Working(in);
        var mix = w.result(
                "First fill without running the tap",
                Quantity.TEMPERATURE,
                Formula.of((hot, cold, length, bore, fill) -> mix(hot, cold, litres(length, bore), fill)),
                "hot",
                "cold",
                "length",
                "bore",
                "fill");
        var litres = w.result("Run off first", Quantity.VOLUME, Formula.of(HotSupply::litres), "length", "bore");
        double stands = Math.min(litres.value(), in.value("fill"));
        w.line("In the pipe: π × (" + in.show("bore") + " ÷ 2)² × " + in.show("length") + " = " + w.show(litres));
        w.line("Mix: (" + in.show(Quantity.VOLUME, stands) + " at " + in.show("cold") + " + "
                + in.show(Quantity.VOLUME, in.value("fill") - stands) + " at " + in.show("hot") + ") ÷ "
                + in.show("fill") + " = " + w.show(mix));
        var supply = w.compute(Quantity.TEMPERATURE, Formula.of(hot -> hot), "hot");
        var verdict = Verdict.ofMore(supply, STILL_WORKS, LIMIT - 0.5);
        return w.judge(
                verdict,
                sentence(verdict, in, w.show(litres), mix.value()),
                "49 °C (120 °F): what works, and the usual limit because of scalding",
                picture(in));
    }

    private static String sentence(Verdict verdict, Readings in, String run, double mix) {
        return switch (verdict) {
            case GOOD ->
                (in.value("hot") > LIMIT + 2
                                ? "Hot enough, and over the usual limit: people can be scalded. "
                                : "Hot enough. ")
                        + (mix < STILL_WORKS ? "Run off " + run + " at the sink first: else the fill stays cool." : "");
            case CANNOT_TELL -> "The reading is too uncertain: measure again in a glass.";
            default ->
                "Cooler than 49 °C (120 °F): grease stays. Run off " + run
                        + " first; adjust the heater only within the safe limit.";
        };
    }

    /** Litres that stand in a pipe. */
    static double litres(double metres, double boreMillimetres) {
        double bore = boreMillimetres / 1000;
        return Math.PI * bore * bore / 4 * metres * 1000;
    }

    /** Temperature of a fill whose first litres stood in the pipe. */
    static double mix(double hot, double cold, double inPipe, double fill) {
        double stands = Math.min(inPipe, fill);
        return (stands * cold + (fill - stands) * hot) / fill;
    }

    private static Picture picture(Readings in) {
        double most = Math.max(in.value("fill"), 2 * litres(in.value("length"), in.value("bore")));
        double inPipe = litres(in.value("length"), in.value("bore"));
        return new Picture(
                new Axis("Run off at the sink first", Quantity.VOLUME),
                new Axis("First fill", Quantity.TEMPERATURE),
                List.of(
                        Picture.curve(
                                "First fill",
                                Stroke.SOLID,
                                0,
                                most,
                                run -> mix(
                                        in.value("hot"),
                                        in.value("cold"),
                                        Math.max(0, inPipe - run),
                                        in.value("fill"))),
                        Picture.level("Works from here", 0, most, LIMIT)),
                List.of(new Mark(
                        "Without running it", 0, mix(in.value("hot"), in.value("cold"), inPipe, in.value("fill")))));
    }
}
