package grimygasket.gauge.air;

import grimygasket.gauge.Gauge;
import grimygasket.gauge.Input;
import grimygasket.gauge.Judgement;
import grimygasket.gauge.Readings;
import grimygasket.gauge.Verdict;
import grimygasket.gauge.Working;
import grimygasket.pack.machine.Rating;
import grimygasket.units.Formula;
import grimygasket.units.Quantity;
import java.util.List;

/** Sealed suction at the inlet and at the head. */
public final class SealedSuction extends Gauge {
    private static final double BAD = 0.6;
    private static final double WATCH = 0.85;

    public SealedSuction() {
        super(
                "sealed-suction",
                "Sealed suction",
                Group.SUCTION,
                "Whether it is the machine, or what is in front of it.",
                "Shares of the rated suction. Strong at the inlet and weak at the head: neck, wand or hose; weak at the inlet: "
                        + "filters, seals, motor.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("inlet", "At the inlet", Quantity.SUCTION, 0, 60, 0.03),
                Input.reading("head", "At the head", Quantity.SUCTION, 0, 60, 0.03)
                        .orNothing(),
                Input.rated("rated", Rating.SEALED_SUCTION, 20));
    }

    @Override
    public Judgement judge(Readings in) {
        var w = new Working(in);
        var share = w.result(
                "Share of the rated suction",
                Quantity.SHARE,
                Formula.of((inlet, rated) -> inlet / rated),
                "inlet",
                "rated");
        w.line("Inlet: " + in.show("inlet") + " ÷ " + in.show("rated") + " = " + w.show(share));
        var verdict = Verdict.ofMore(share, BAD, WATCH);
        if (in.has("head") && in.value("inlet") > 0) {
            var reaches = w.result(
                    "Of that reaches the head",
                    Quantity.SHARE,
                    Formula.of((head, inlet) -> head / inlet),
                    "head",
                    "inlet");
            w.line("Head: " + in.show("head") + " ÷ " + in.show("inlet") + " = " + w.show(reaches));
            var onTheWay = Verdict.ofMore(reaches, BAD, WATCH);
            if (verdict == Verdict.GOOD && onTheWay != Verdict.GOOD) {
                return w.judge(
                        onTheWay,
                        onTheWay == Verdict.CANNOT_TELL
                                ? "Strong at the inlet; at the head too uncertain to tell."
                                : "Strong at the inlet, only " + w.show(reaches)
                                        + " of it at the head: neck, wand or hose.",
                        null);
            }
        }
        return w.judge(verdict, sentence(verdict, w.show(share)), null);
    }

    private static String sentence(Verdict verdict, String share) {
        return switch (verdict) {
            case GOOD -> "It sucks as it should.";
            case CANNOT_TELL -> "Too uncertain: press the gauge on tightly and read again.";
            default -> share + " of its rated suction at the inlet: filters, seals or motor, not the hose.";
        };
    }
}
