package grimygasket.gauge.heat;

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

/** Dryer's heat and air: what the vane meter's speed is in flow, and whether flow and warmth go together. */
public final class DryerHeat extends Gauge {
    private static final double BAD = 0.5;
    private static final double WATCH = 0.75;

    /** A one-shot cut-out behind the element opens at some such rise. */
    private static final double TRIPS = 90;

    /** An empty drum's thermostat opens well below this, in °C: estimate, by the usual printed figures of 60 to 70. */
    private static final double TOO_HOT = 75;

    /** More than so many times what the element can give means that something else heats, or a reading is wrong. */
    private static final double TOO_MUCH = 1.3;

    /** What of the element's heat reaches the outlet, while clothes are damp, varies: below this it does not heat. */
    private static final double NO_HEAT = 0.1;

    public DryerHeat() {
        super(
                "dryer-heat",
                "Heat and air of a dryer",
                Group.HEAT_AND_AIR,
                "Flow from the vane meter, and how much warmer that air must get from the element.",
                "Q = v·π·d²/4; ΔT = P ÷ (ρ·cp·Q) with ρ = 1.2 kg/m³ and cp = 1005 J/(kg·K), field guide, section 5. For an empty "
                        + "drum; damp clothes take most of the heat.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("speed", "Air speed at the hood, mean of five", Quantity.SPEED, 0, 30, 0.05),
                Input.given("diameter", "Duct's diameter", Quantity.BORE, 60, 200, 100),
                Input.reading("room", "Room", Quantity.TEMPERATURE, -10, 45, 0.02)
                        .orNothing(),
                Input.reading("outlet", "Outlet, drum empty", Quantity.TEMPERATURE, 0, 200, 0.01)
                        .orNothing(),
                Input.rated("power", Rating.ELEMENT_POWER, 2500),
                Input.rated("normal", Rating.AIR_FLOW, 170));
    }

    @Override
    public Judgement judge(Readings in) {
        if (in.has("room") != in.has("outlet")) {
            throw UnfitReadings.of(in.has("room") ? "outlet" : "room", "Both or neither: room and outlet.");
        }
        var w = new Working(in);
        var flow = w.result("Air", Quantity.AIR_FLOW, Formula.of(WarmAir::flow), "speed", "diameter");
        var share = w.result(
                "Share of the normal flow",
                Quantity.SHARE,
                Formula.of((speed, diameter, normal) -> WarmAir.flow(speed, diameter) / normal),
                "speed",
                "diameter",
                "normal");
        w.line("Air: " + in.show("speed") + " × π × (" + in.show("diameter") + ")² ÷ 4 = " + w.show(flow));
        w.line("Share: " + w.show(flow) + " ÷ " + in.show("normal") + " = " + w.show(share));
        if (flow.low() <= 0) {
            return w.judge(Verdict.BAD, "No air at all: do not run it with heat.", null);
        }
        var rise = w.result(
                "The element warms it by",
                Quantity.RISE,
                Formula.of((speed, diameter, power) -> WarmAir.rise(power, WarmAir.flow(speed, diameter))),
                "speed",
                "diameter",
                "power");
        w.line("Rise: " + in.show("power") + " ÷ (1.2 kg/m³ × 1005 J/kg·K × " + w.show(flow) + ") = " + w.show(rise));
        var verdict = Verdict.ofMore(share, BAD, WATCH);
        var heat = heat(w, in, rise.value(), verdict == Verdict.BAD ? w.show(share) : null);
        if (heat != null) {
            return w.judge(Verdict.BAD, heat, picture(in, flow.value()));
        }
        return w.judge(verdict, sentence(verdict, w.show(share)), picture(in, flow.value()));
    }

    /**
     * What is wrong with the heat itself; null for nothing.
     *
     * @param little the share of the normal flow where that is too little, in words; null where enough moves
     */
    private static String heat(Working w, Readings in, double expected, String little) {
        if (!in.has("outlet")) {
            return null;
        }
        var measured = w.result(
                "It is warmer by", Quantity.RISE, Formula.of((room, outlet) -> outlet - room), "room", "outlet");
        w.line("Measured: " + in.show("outlet") + " − " + in.show("room") + " = " + w.show(measured));
        if (in.value("outlet") >= TOO_HOT) {
            return "Too hot: off at once. The thermostat does not open, or the drum gets no air; lint burns. It is not run again "
                    + "before that is found.";
        }
        if (measured.value() > TOO_MUCH * expected) {
            return "Hotter than this element can make that much air: read both again, and do not leave it running.";
        }
        if (measured.value() >= NO_HEAT * expected) {
            return null;
        }
        var cold = "legs, cut-out, thermostat or element, in that order. A cut-out is never bridged.";
        return little == null
                ? "Air moves, but it stays cold: " + cold
                : "Only " + little
                        + " of its normal air, and it stays cold as well: the air first, as a cut-out blows without it; then "
                        + cold;
    }

    private static String sentence(Verdict verdict, String share) {
        return switch (verdict) {
            case GOOD -> "Air moves as it should.";
            case WATCH -> share + " of its normal air: lint filter, housing or duct take some of it.";
            case BAD ->
                "Only " + share
                        + " of its normal air: it overheats, and cut-outs blow. Find what blocks it before any other part is replaced.";
            case CANNOT_TELL -> "Too uncertain: take five places across the hood, and their mean.";
        };
    }

    private static Picture picture(Readings in, double flow) {
        double power = in.value("power");
        double normal = in.value("normal");
        double from = Math.max(0.2 * normal, Math.min(flow, normal) / 2);
        double to = Math.max(normal, flow) * 1.2;
        return new Picture(
                new Axis("Air", Quantity.AIR_FLOW),
                new Axis("Warmer by", Quantity.RISE),
                List.of(
                        Picture.curve("Element on", Stroke.SOLID, from, to, q -> WarmAir.rise(power, q)),
                        Picture.level("Cut-outs trip about here", from, to, TRIPS)),
                List.of(
                        new Mark("Now", flow, WarmAir.rise(power, flow)),
                        new Mark("Normal", normal, WarmAir.rise(power, normal))));
    }
}
