package grimygasket.gauge.business;

import grimygasket.cadence.Dirt;
import grimygasket.gauge.Gauge;
import grimygasket.gauge.Input;
import grimygasket.gauge.Judgement;
import grimygasket.gauge.Readings;
import grimygasket.gauge.Verdict;
import grimygasket.gauge.Working;
import grimygasket.units.Figures;
import grimygasket.units.Formula;
import grimygasket.units.Quantity;
import java.util.List;

/** When to clean again, by what was found. */
public final class NextTime extends Gauge {
    private static final double OVERDUE = 0.8;
    private static final double DAYS_A_WEEK = 7;

    public NextTime() {
        super(
                "next-time",
                "When to clean again",
                Group.UPKEEP,
                "The next date for this household, in days and in loads.",
                "next = elapsed × 50 % ÷ found, blended with the calendar by how often it was seen (geometric mean with those "
                        + "weights), never past the safety limit.");
    }

    @Override
    public List<Input> inputs() {
        return List.of(
                Input.reading("found", "Blocked when it was opened", Quantity.SHARE, 0.02, 1, 0.1),
                Input.given("days", "Since it was last cleaned", Quantity.DAYS, 1, 3653, 90),
                Input.given("loads", "Loads a week", Quantity.COUNT, 1, 40, 5),
                Input.given("times", "Times seen in this home", Quantity.COUNT, 1, 20, 1),
                Input.given("calendar", "The calendar says", Quantity.DAYS, 1, 3653, 90),
                Input.given("limit", "Safety limit", Quantity.DAYS, 1, 3653, 365));
    }

    @Override
    public Judgement judge(Readings in) {
        var w = new Working(in);
        int times = (int) Math.round(in.value("times"));
        int elapsed = (int) Math.round(in.value("days"));
        double limit = in.value("limit");
        double calendar = in.value("calendar");
        var next = w.result(
                "Next time in",
                Quantity.DAYS,
                Formula.of(found ->
                        Math.min(limit, new Dirt(elapsed, Math.min(1, Math.max(0.01, found))).blend(calendar, times))),
                "found");
        var loads = w.compute(Quantity.COUNT, Formula.of(aWeek -> next.value() * aWeek / DAYS_A_WEEK), "loads");
        w.result("Or after so many loads", loads);
        double byDirt = elapsed * Dirt.THRESHOLD / in.value("found");
        w.line("By the dirt: " + in.show("days") + " × 50% ÷ " + in.show("found") + " = "
                + in.show(Quantity.DAYS, byDirt));
        w.line("Blended: (" + in.show("calendar") + " × " + Figures.show(byDirt)
                + (times > 1 ? "^" + times : "") + ")^(1/" + (times + 1) + "), at most " + in.show("limit") + " = "
                + w.show(next));
        w.line("Loads: " + w.show(next) + " ÷ 7 × " + in.show("loads") + " = " + w.show(loads));
        double found = in.value("found");
        var verdict = found >= OVERDUE ? Verdict.BAD : found > Dirt.THRESHOLD ? Verdict.WATCH : Verdict.GOOD;
        return w.judge(
                verdict, sentence(verdict, w.show(next)), "half of the opening: when it should be cleaned", null);
    }

    private static String sentence(Verdict verdict, String next) {
        return switch (verdict) {
            case BAD -> "Long overdue this time. Again in " + next + ".";
            case WATCH -> "A little late this time. Again in " + next + ".";
            default -> "In good time. Again in " + next + ".";
        };
    }
}
