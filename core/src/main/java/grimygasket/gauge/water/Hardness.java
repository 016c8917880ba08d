package grimygasket.gauge.water;

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
import grimygasket.units.Unit;
import java.util.List;

/** Water hardness in every scale, the dose that follows from it, and the rinse-aid setting. */
public final class Hardness extends Gauge {
    private static final double SOFT = 60;
    private static final double HARD = 180;

    /** Hardness for which the middle dose is right, mg/L as CaCO₃. */
    private static final double MIDDLE = 150;

    /** A dose grows by this share for each mg/L over the middle. */
    private static final double PER_MG = 1.0 / 600;

    private static final double[] SOIL = {0.8, 1, 1.3};
    private static final double[] MIDDLE_GRAMS = {15, 60};
    private static final int RINSE_AID_STEPS = 6;
    private static final double MG_PER_STEP = 70;

    public Hardness() {
        super(
                "hardness",
                "Hardness and dose",
                Group.WATER,
                "One strip in every scale, the detergent for it, and where to set the rinse aid.",
                "1 gpg = 17.1, 1 °dH = 17.85, 1 °fH = 10 and 1 mmol/L = 100.1 mg/L as CaCO₃; classes of the US Geological "
                        + "Survey (60, 120, 180 mg/L). Doses are starting values; the packet's own come first.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("hardness", "Hardness", Quantity.HARDNESS, 0, 1000, 0.1),
                Input.choice(
                        "machine",
                        "For a",
                        0,
                        new Option("dishwasher", "Dishwasher"),
                        new Option("washing-machine", "Washing machine")),
                Input.choice(
                        "soil",
                        "Soil",
                        1,
                        new Option("light", "Light"),
                        new Option("normal", "Normal"),
                        new Option("heavy", "Heavy")),
                Input.given("load", "Load", Quantity.SHARE, 0.25, 1, 1));
    }

    @Override
    public Judgement judge(Readings in) {
        var w = new Working(in);
        double middle = MIDDLE_GRAMS[(int) in.value("machine")];
        double soil = SOIL[(int) in.value("soil")];
        var dose = w.result(
                "Detergent",
                Quantity.WEIGHT,
                Formula.of((hardness, load) -> middle * factor(hardness) * soil * load),
                "hardness",
                "load");
        double hardness = in.value("hardness");
        int rinseAid = rinseAid(hardness);
        if (in.option("machine").id().equals("dishwasher")) {
            w.result("Rinse aid, of 1 to 6", Estimate.exact(Quantity.COUNT, rinseAid));
            w.line("Rinse aid: 1 for soft water, one more for each 70 mg/L = " + rinseAid);
        }
        w.line("Hardness: " + Unit.MILLIGRAM_PER_LITRE.show(hardness) + " = "
                + Unit.GRAIN_PER_GALLON.show(hardness) + " = " + Unit.GERMAN_DEGREE.show(hardness) + " = "
                + Unit.FRENCH_DEGREE.show(hardness) + " = " + Unit.MILLIMOLE_PER_LITRE.show(hardness));
        w.line("Dose: " + in.show(Quantity.WEIGHT, middle) + " × " + Figures.show(factor(hardness)) + " for hardness × "
                + Figures.show(soil) + " for soil × " + in.show("load") + " load = " + w.show(dose));
        var verdict = Verdict.ofLess(w.compute(Quantity.HARDNESS, Formula.of(found -> found), "hardness"), 120, HARD);
        return w.judge(
                verdict, sentence(hardness), "the classes soft, medium, hard, very hard", picture(in, middle, soil));
    }

    /** By hardness, 0.75 to 1.6 of the middle dose. */
    public static double factor(double hardness) {
        return Math.min(1.6, Math.max(0.75, 1 + (hardness - MIDDLE) * PER_MG));
    }

    public static int rinseAid(double hardness) {
        return (int) Math.min(RINSE_AID_STEPS, 1 + Math.floor(hardness / MG_PER_STEP));
    }

    private static String sentence(double hardness) {
        if (hardness < SOFT) {
            return "Soft: dose low, or it foams and leaves film.";
        }
        if (hardness < 120) {
            return "Medium: the middle dose is right.";
        }
        return hardness < HARD
                ? "Hard: a higher dose, and descale every two to three months."
                : "Very hard: dose high, softener salt where there is one, descale monthly.";
    }

    private static Picture picture(Readings in, double middle, double soil) {
        double scale = middle * soil * in.value("load");
        double most = Math.max(450, in.value("hardness") * 1.1);
        return new Picture(
                new Axis("Hardness", Quantity.HARDNESS),
                new Axis("Detergent", Quantity.WEIGHT),
                List.of(Picture.curve("Dose", Stroke.SOLID, 0, most, h -> scale * factor(h))),
                List.of(new Mark("Here", in.value("hardness"), scale * factor(in.value("hardness")))));
    }
}
