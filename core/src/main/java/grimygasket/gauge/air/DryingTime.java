package grimygasket.gauge.air;

import grimygasket.flow.WarmAir;
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
import grimygasket.pack.machine.Rating;
import grimygasket.units.Formula;
import grimygasket.units.Quantity;
import java.util.List;

/** How long a load takes to dry with the air that there is. */
public final class DryingTime extends Gauge {
    /** Of water at about 20 °C, in J/kg: FAO Irrigation and Drainage Paper 56, 1998. */
    private static final double LATENT_HEAT = 2.45e6;

    private static final double SECONDS_A_MINUTE = 60;

    private static final double LONG = 75;
    private static final double TOO_LONG = 120;

    /** How damp the air is that leaves damp clothes. */
    private static final double LEAVES_AT = 0.85;

    public DryingTime() {
        super(
                "drying-time",
                "Drying time",
                Group.HEAT_AND_AIR,
                "How long a load must take with this flow, warmth and power, so that a long time is explained or not.",
                "Water carried off = air × (water in it at the outlet − in the room); vapour by the Magnus formula (WMO-No. 8), "
                        + "air leaving at 85 % humidity. Never faster than the heat allows: water × 2.45 MJ/kg (FAO Irrigation and "
                        + "Drainage Paper 56, 1998) ÷ power. The last tenth dries more slowly.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("water", "Water in the load", Quantity.LAUNDRY, 0.1, 10, 0.1),
                Input.reading("flow", "Air", Quantity.AIR_FLOW, 5, 500, 0.07),
                Input.reading("outlet", "Outlet", Quantity.TEMPERATURE, 10, 90, 0.02),
                Input.given("room", "Room", Quantity.TEMPERATURE, -5, 45, 20),
                Input.given("humidity", "Room's humidity", Quantity.SHARE, 0.05, 1, 0.5),
                Input.rated("power", Rating.ELEMENT_POWER, 2500),
                Input.given(
                        "times", "Heat pump: gives that so many times, 2 to 3 (estimate)", Quantity.COUNT, 1, 4, 1));
    }

    @Override
    public Judgement judge(Readings in) {
        double room = WarmAir.waterPerKilogram(in.value("room"), in.value("humidity"));
        double outlet = WarmAir.waterPerKilogram(in.value("outlet"), LEAVES_AT);
        if (outlet <= room) {
            throw UnfitReadings.of(
                    "outlet",
                    "Air that leaves no damper than it came dries nothing: measure the outlet again, or the room is a sauna.");
        }
        var w = new Working(in);
        var minutes = w.result(
                "Takes",
                Quantity.MINUTES,
                Formula.of((water, flow, leaves) -> minutes(water, flow, leaves, in)),
                "water",
                "flow",
                "outlet");
        double air = WarmAir.kilogramsPerMinute(in.value("flow"));
        w.line("Air: " + in.show("flow") + " = " + in.show(Quantity.LAUNDRY, air) + " a minute");
        w.line("Each carries off " + in.show(Quantity.WEIGHT, 1000 * outlet) + " − "
                + in.show(Quantity.WEIGHT, 1000 * room) + " of water for each kg of air");
        w.line("Heat for it: " + in.show("water") + " × 2.45 MJ/kg ÷ (" + in.show("power") + " × " + in.show("times")
                + ") = " + in.show(Quantity.MINUTES, byHeat(in.value("water"), heat(in))));
        w.line(in.show("water") + " of water takes the longer of the two, " + w.show(minutes));
        var verdict = Verdict.ofLess(minutes, LONG, TOO_LONG);
        return w.judge(
                verdict, sentence(verdict, w.show(minutes)), "an hour and a quarter, usual for a load", picture(in));
    }

    private static double minutes(double kilograms, double flow, double outlet, Readings in) {
        double byAir = byAir(kilograms, flow, outlet, in.value("room"), in.value("humidity"));
        return Math.max(byAir, byHeat(kilograms, heat(in)));
    }

    /** In W: a heat pump moves more heat than it takes power. */
    private static double heat(Readings in) {
        return in.value("power") * in.value("times");
    }

    /** Minutes until air of that flow, in m³/h, has carried the water off. */
    static double byAir(double kilograms, double flow, double outlet, double room, double humidity) {
        double carried = WarmAir.waterPerKilogram(outlet, LEAVES_AT) - WarmAir.waterPerKilogram(room, humidity);
        return kilograms / (WarmAir.kilogramsPerMinute(flow) * Math.max(1e-4, carried));
    }

    /** Minutes until a power in W has turned the water into vapour. */
    static double byHeat(double kilograms, double power) {
        return kilograms * LATENT_HEAT / power / SECONDS_A_MINUTE;
    }

    private static String sentence(Verdict verdict, String minutes) {
        return switch (verdict) {
            case GOOD -> minutes + ": if it takes longer, something has changed since this reading.";
            case WATCH -> minutes + ": slow. More air shortens it most.";
            case BAD -> minutes + ": nobody waits for that. Cure air and heat first.";
            case CANNOT_TELL -> "Too uncertain: weigh the load wet and dry.";
        };
    }

    private static Picture picture(Readings in) {
        double flow = in.value("flow");
        double water = in.value("water");
        double outlet = in.value("outlet");
        return new Picture(
                new Axis("Air", Quantity.AIR_FLOW),
                new Axis("Takes", Quantity.MINUTES),
                List.of(Picture.curve(
                        "At this warmth", Stroke.SOLID, flow / 2, flow * 2, q -> minutes(water, q, outlet, in))),
                List.of(new Mark("Now", flow, minutes(water, flow, outlet, in))));
    }
}
