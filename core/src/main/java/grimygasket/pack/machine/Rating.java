package grimygasket.pack.machine;

import grimygasket.units.Quantity;
import grimygasket.util.Arguments;
import grimygasket.util.Unfit;

/** What a machine is made for, as its plate or its papers say, with what there can be. */
public enum Rating {
    DRAIN_HEAD("Pump's head at no flow", Quantity.LENGTH, 0.5, 5),
    DRAIN_FREE_FLOW("Pump's free flow", Quantity.FLOW, 5, 60),
    DRAIN_LIFT("Height the water is lifted", Quantity.LENGTH, 0, 2.5),
    HOSE_LENGTH("Drain hose's length", Quantity.LENGTH, 0.5, 10),
    HOSE_BORE("Drain hose's bore", Quantity.BORE, 10, 40),
    FILL_FLOW("Rated fill", Quantity.FLOW, 1, 30),
    FILL_VOLUME("Water of one fill", Quantity.VOLUME, 1, 60),
    FAN_PRESSURE("Fan's pressure at no flow", Quantity.SUCTION, 0.05, 5),
    FAN_FREE_FLOW("Fan's free flow", Quantity.AIR_FLOW, 20, 600),
    AIR_FLOW("Normal air flow", Quantity.AIR_FLOW, 20, 500),
    DUCT_LIMIT("Longest duct allowed, bends included", Quantity.LENGTH, 1, 40),
    SUPPLY_VOLTAGE("Supply voltage", Quantity.VOLTAGE, 90, 260),
    ELEMENT_POWER("Element's power", Quantity.POWER, 200, 7000),
    PUMP_RESISTANCE("Pump winding", Quantity.RESISTANCE, 5, 500),
    SEALED_SUCTION("Sealed suction", Quantity.SUCTION, 2, 50),
    AIR_POWER("Air power", Quantity.POWER, 5, 600),
    BATTERY_CHARGE("Battery's charge", Quantity.CHARGE, 0.5, 20),
    BATTERY_VOLTAGE("Battery's voltage", Quantity.VOLTAGE, 3, 80),
    MOTOR_POWER("Power drawn", Quantity.POWER, 10, 2500);

    private final String title;
    private final Quantity quantity;
    private final double least;
    private final double most;

    Rating(String title, Quantity quantity, double least, double most) {
        this.title = title;
        this.quantity = quantity;
        this.least = least;
        this.most = most;
    }

    public String title() {
        return title;
    }

    public Quantity quantity() {
        return quantity;
    }

    /** In the quantity's base unit. */
    public double least() {
        return least;
    }

    /** In the quantity's base unit. */
    public double most() {
        return most;
    }

    /**
     * @throws Unfit naming the value, if no machine has it
     */
    public void check(double value) {
        Arguments.between(title, value, least, most);
    }
}
