package grimygasket.gauge.business;

import grimygasket.gauge.Gauge;
import grimygasket.gauge.Input;
import grimygasket.gauge.Judgement;
import grimygasket.gauge.Readings;
import grimygasket.gauge.Verdict;
import grimygasket.gauge.Working;
import grimygasket.money.RepairOrReplace;
import grimygasket.units.Figures;
import grimygasket.units.Formula;
import grimygasket.units.Quantity;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** Repair or replace. */
public final class RepairWorth extends Gauge {
    private static final double CLOSE = 0.8;

    public RepairWorth() {
        super(
                "repair-or-replace",
                "Repair or replace",
                Group.UPKEEP,
                "What each way costs for every year that the machine is then of use.",
                "(Repair + chance of more × that) ÷ years left, against price ÷ life. Half a year is left at the least. It is "
                        + "the customer's decision.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("cost", "The repair, all in", Quantity.MONEY, 0, 5000, 0.1),
                Input.given("elseChance", "Chance that it is more", Quantity.SHARE, 0, 1, 0.1),
                Input.given("elseCost", "What that would cost", Quantity.MONEY, 0, 5000, 120),
                Input.reading("price", "A new one, delivered", Quantity.MONEY, 20, 10000, 0.05),
                Input.given("age", "Age", Quantity.YEARS, 0, 40, 6),
                Input.given("life", "Such machines last", Quantity.YEARS, 1, 40, 12));
    }

    @Override
    public Judgement judge(Readings in) {
        var w = new Working(in);
        String[] ids = {"cost", "elseChance", "elseCost", "price", "age", "life"};
        var ratio = w.compute(Quantity.SHARE, formula(RepairOrReplace::ratio), ids);
        w.result("Repair, for each year", Quantity.MONEY, formula(RepairOrReplace::repairAYear), ids);
        w.result("A new one, for each year", Quantity.MONEY, formula(RepairOrReplace::replaceAYear), ids);
        w.result("Repair against a new one", ratio);
        var plain = RepairOrReplace.of(
                in.value("cost"),
                in.value("elseChance"),
                in.value("elseCost"),
                in.value("price"),
                in.value("age"),
                in.value("life"));
        w.line("Repair: " + in.show("cost") + " + " + in.show("elseChance") + " × " + in.show("elseCost") + " = "
                + Figures.show(plain.expectedCost()));
        w.line("For each year: " + Figures.show(plain.expectedCost()) + " ÷ (" + in.show("life") + " − "
                + in.show("age") + ") = " + Figures.show(plain.repairAYear()));
        w.line("A new one: " + in.show("price") + " ÷ " + in.show("life") + " = " + Figures.show(plain.replaceAYear()));
        var verdict = Verdict.ofLess(ratio, CLOSE, 1);
        return w.judge(verdict, sentence(verdict), "a new machine's cost for each year", null);
    }

    private static Formula formula(ToDoubleFunction<RepairOrReplace> figure) {
        return Formula.of((cost, elseChance, elseCost, price, age, life) ->
                figure.applyAsDouble(RepairOrReplace.of(cost, elseChance, elseCost, price, age, life)));
    }

    private static String sentence(Verdict verdict) {
        return switch (verdict) {
            case GOOD -> "Repairing is clearly cheaper.";
            case WATCH -> "Repairing is a little cheaper: say so, and let the customer decide.";
            case BAD -> "A new one costs less for each year: say so before starting.";
            case CANNOT_TELL -> "Too close to call with these figures: name both to the customer.";
        };
    }
}
