package grimygasket.money;

import grimygasket.util.Unfit;

/**
 * Whether a machine is worth its repair: what each way costs for each year that it is then of use.
 *
 * <p>{@code repair = (cost + chance it is something else · that cost) / remaining years}, {@code replace = price / life}. A
 * repaired machine is taken to last what is left of its life, and half a year at the least.
 *
 * @param repairAYear money for each further year of the repaired machine
 * @param replaceAYear money for each year of a new one
 * @param expectedCost of the repair, with the chance that it is something else
 */
public record RepairOrReplace(double repairAYear, double replaceAYear, double expectedCost) {
    private static final double LEAST_YEARS = 0.5;

    /**
     * @param cost of the repair as planned, 0 or more
     * @param elseChance chance that it is something else as well, 0 to 1
     * @param elseCost what that would cost, 0 or more
     * @param price of a new machine, with delivery and taking away the old one, over 0
     * @param age years, 0 or more
     * @param life years that such a machine lasts, over 0
     */
    public static RepairOrReplace of(
            double cost, double elseChance, double elseCost, double price, double age, double life) {
        if (!(elseChance >= 0 && elseChance <= 1)) {
            throw new Unfit("a chance lies between 0 and 1, but is " + elseChance);
        }
        double expected = cost + elseChance * elseCost;
        return new RepairOrReplace(expected / Math.max(LEAST_YEARS, life - age), price / life, expected);
    }

    /** Repair's yearly cost as a share of the replacement's: under 1 repairing is cheaper. */
    public double ratio() {
        return repairAYear / replaceAYear;
    }
}
