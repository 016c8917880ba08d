package grimygasket.gauge.water;

import grimygasket.flow.Circuit;
import grimygasket.flow.Hose;
import grimygasket.flow.Narrowing;
import grimygasket.flow.PressureSource;
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

/** Drain pump against its hose: how much of the normal flow comes, and what share of one narrow place would explain it. */
public final class DrainPump extends Gauge {
    /** Stations of a drain path: sump, trap or valve, pump, hose, standpipe. */
    private static final int STATIONS = 5;

    private static final double ROOM_ABOVE = 1.15;

    public DrainPump() {
        super(
                "drain-pump",
                "Drain pump and hose",
                Group.WATER,
                "How much of its normal flow the pump brings, and how far open a single narrow place would then be.",
                "Pump H0·(1 − (Q/Qmax)²) against lift + k·Q²; k by Darcy-Weisbach with f = 0.03 and 2 m for fittings; a place "
                        + "with open share a takes 1/a² of its fifth of the loss. For clear water and lifts under the pump's head.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("litres", "Water caught", Quantity.VOLUME, 0.05, 60, 0.03),
                Input.reading("seconds", "In this time", Quantity.SECONDS, 1, 900, 0.02),
                Input.rated("lift", Rating.DRAIN_LIFT, 0.8),
                Input.rated("head", Rating.DRAIN_HEAD, 2),
                Input.rated("free", Rating.DRAIN_FREE_FLOW, 20),
                Input.rated("length", Rating.HOSE_LENGTH, 2),
                Input.rated("bore", Rating.HOSE_BORE, 19));
    }

    @Override
    public Judgement judge(Readings in) {
        if (in.value("lift") >= in.value("head")) {
            throw UnfitReadings.of(
                    "lift",
                    "This pump cannot lift water " + in.show("lift") + ": its head is " + in.show("head")
                            + ". Measure the height again, from the water in the machine to the hose's highest point.");
        }
        var circuit = new Circuit(
                new PressureSource(in.value("head"), in.value("free")),
                in.value("lift"),
                Hose.loss(in.value("length"), in.value("bore")));
        double normal = circuit.flow();
        var w = new Working(in);
        var flow = w.result(
                "Flow", Quantity.FLOW, Formula.of((litres, seconds) -> 60 * litres / seconds), "litres", "seconds");
        var share = w.result(
                "Share of the normal flow",
                Quantity.SHARE,
                Formula.of((litres, seconds) -> 60 * litres / seconds / normal),
                "litres",
                "seconds");
        var open = w.result(
                "One narrow place, open by",
                Quantity.SHARE,
                Formula.of((litres, seconds) -> Narrowing.open(STATIONS, circuit.resistance(60 * litres / seconds))),
                "litres",
                "seconds");
        double resistance = circuit.resistance(flow.value());
        w.line("Flow: " + in.show("litres") + " ÷ " + in.show("seconds") + " = " + w.show(flow));
        w.line("Normal: where " + in.show("head") + " · (1 − (Q ÷ " + in.show("free") + ")²) meets " + in.show("lift")
                + " + k·Q², at " + in.show(Quantity.FLOW, normal));
        w.line("Share: " + w.show(flow) + " ÷ " + in.show(Quantity.FLOW, normal) + " = " + w.show(share));
        w.line("The hose now takes " + in.show(Quantity.COUNT, resistance)
                + " times its clean loss; (4 + 1/a²) ÷ 5 is that at a = " + w.show(open));
        var verdict = Verdict.ofFlow(share);
        return w.judge(verdict, sentence(verdict, w.show(share), w.show(open)), picture(circuit, resistance));
    }

    private static String sentence(Verdict verdict, String share, String open) {
        return switch (verdict) {
            case GOOD -> share + " of its normal flow: it drains as it should.";
            case WATCH ->
                share + " of its normal flow: something takes from it. A single narrow place would be " + open
                        + " open.";
            case BAD ->
                "Only " + share + " of its normal flow: a single narrow place would be " + open
                        + " open, or the pump does not push.";
            case CANNOT_TELL -> "Too little was caught to tell: let it run longer into a larger bowl.";
        };
    }

    private static Picture picture(Circuit circuit, double resistance) {
        var source = circuit.source();
        double most = Math.min(source.free(), circuit.flow() * ROOM_ABOVE * ROOM_ABOVE);
        var clean = Picture.curve("Hose, clean", Stroke.DASHED, 0, most, q -> circuit.headOfLine(q, 1));
        // Drawn as far as the pump can push at all.
        double end = Math.min(most, Math.sqrt((source.head() - circuit.lift()) / circuit.loss() / resistance));
        return new Picture(
                new Axis("Flow", Quantity.FLOW),
                new Axis("Head", Quantity.LENGTH),
                List.of(
                        Picture.curve("Pump", Stroke.SOLID, 0, most, source::headAt),
                        clean,
                        Picture.curve("Hose, now", Stroke.DOTTED, 0, end, q -> circuit.headOfLine(q, resistance))),
                List.of(mark("Now", circuit, resistance), mark("Normal", circuit, 1)));
    }

    private static Mark mark(String name, Circuit circuit, double resistance) {
        double flow = circuit.flow(resistance);
        return new Mark(name, flow, circuit.source().headAt(flow));
    }
}
