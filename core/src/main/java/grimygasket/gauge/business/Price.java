package grimygasket.gauge.business;

import grimygasket.gauge.Gauge;
import grimygasket.gauge.Input;
import grimygasket.gauge.Judgement;
import grimygasket.gauge.Readings;
import grimygasket.gauge.UnfitReadings;
import grimygasket.gauge.Verdict;
import grimygasket.gauge.Working;
import grimygasket.money.Bill;
import grimygasket.money.WorkTime;
import grimygasket.units.Estimate;
import grimygasket.units.Figures;
import grimygasket.units.Quantity;
import java.math.BigDecimal;
import java.util.List;

/** Minutes and money: what a job will cost the customer. */
public final class Price extends Gauge {
    public Price() {
        super(
                "minutes-and-money",
                "Minutes and money",
                Group.UPKEEP,
                "What to say when the customer asks what it will cost.",
                "Three-point estimate (PERT): (shortest + 4 × likely + longest) ÷ 6; each line to the cent, half up, tax on their "
                        + "sum.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.given("least", "Shortest", Quantity.MINUTES, 0, 600, 20),
                Input.given("likely", "Likely", Quantity.MINUTES, 0, 600, 40),
                Input.given("most", "Longest", Quantity.MINUTES, 0, 600, 90),
                Input.given("callOut", "Call-out", Quantity.MONEY, 0, 1000, 45),
                Input.given("rate", "Labour, an hour", Quantity.MONEY, 0, 500, 66),
                Input.given("parts", "Parts, what they cost us", Quantity.MONEY, 0, 5000, 0),
                Input.given("markup", "Markup on parts", Quantity.SHARE, 0, 2, 0.2),
                Input.given("tax", "Tax", Quantity.SHARE, 0, 0.5, 0.2));
    }

    @Override
    public Judgement judge(Readings in) {
        double least = in.value("least");
        double likely = in.value("likely");
        double most = in.value("most");
        if (!(least <= likely && likely <= most)) {
            throw UnfitReadings.of(
                    least > likely ? "least" : "most", "Minutes must rise from shortest over likely to longest.");
        }
        var time = new WorkTime(least, likely, most);
        var bill = bill(in, time.mean());
        var dear = bill(in, time.nineOfTen());
        var w = new Working(in);
        w.result("Expected price", money(bill.total()));
        w.result("Nine of ten stay under", money(dear.total()));
        w.result("Expected time", Estimate.exact(Quantity.MINUTES, time.mean()));
        w.result("Nine of ten are done in", Estimate.exact(Quantity.MINUTES, time.nineOfTen()));
        w.line("Time: (" + Figures.show(least) + " + 4 × " + Figures.show(likely) + " + " + Figures.show(most)
                + ") ÷ 6 = " + in.show(Quantity.MINUTES, time.mean()));
        w.line("Labour: " + in.show(Quantity.MINUTES, time.mean()) + " × " + in.show("rate") + " ÷ 60 = "
                + bill.labour().toPlainString());
        w.line("Parts: " + in.show("parts") + " + " + in.show("markup") + " = "
                + bill.parts().toPlainString());
        w.line("Tax: (" + bill.callOut().toPlainString() + " + " + bill.labour().toPlainString() + " + "
                + bill.parts().toPlainString() + ") × " + in.show("tax") + " = "
                + bill.tax().toPlainString());
        w.line("Together: " + bill.total().toPlainString());
        return w.judge(
                Verdict.GOOD,
                "About " + bill.total().toPlainString() + ", and seldom over "
                        + dear.total().toPlainString() + ".",
                "the rates entered",
                null);
    }

    private static Bill bill(Readings in, double minutes) {
        return Bill.of(
                exact(in, "callOut"),
                BigDecimal.valueOf(minutes),
                exact(in, "rate"),
                exact(in, "parts"),
                exact(in, "markup"),
                exact(in, "tax"));
    }

    /** As it was typed: the shortest decimal that stands for the number. */
    private static BigDecimal exact(Readings in, String id) {
        return BigDecimal.valueOf(in.value(id));
    }

    private static Estimate money(BigDecimal amount) {
        return Estimate.exact(Quantity.MONEY, amount.doubleValue());
    }
}
