package grimygasket.flow;

/** Air that takes up heat and water. Near the ground, at 5 to 90 °C. */
public final class WarmAir {
    /** kg/m³ at 20 °C and 101.3 kPa. */
    static final double DENSITY = 1.2;

    /** J/(kg·K). */
    static final double HEAT_CAPACITY = 1005;

    private static final double SECONDS_PER_HOUR = 3600;
    private static final double AIR_PRESSURE_KPA = 101.325;

    /** Of water vapour to dry air, by their molar masses. */
    private static final double MASS_RATIO = 0.622;

    private WarmAir() {}

    /**
     * How much warmer air gets: {@code ΔT = P / (ρ · cp · Q)}, field guide, section 5.
     *
     * @param watts 0 or more
     * @param cubicMetresPerHour over 0
     * @return in kelvin
     */
    public static double rise(double watts, double cubicMetresPerHour) {
        return watts / (DENSITY * HEAT_CAPACITY * cubicMetresPerHour / SECONDS_PER_HOUR);
    }

    /**
     * Pressure of saturated vapour: {@code 0.6112 · exp(17.62 T / (243.12 + T))}, the Magnus formula (WMO-No. 8, annex
     * 4.B), good to 0.5 % from 0 to 60 °C and to 1.2 % at 80 °C.
     *
     * @return in kPa
     */
    static double saturation(double celsius) {
        return 0.6112 * Math.exp(17.62 * celsius / (243.12 + celsius));
    }

    /**
     * Water in a kilogram of dry air, in kilograms.
     *
     * @param humidity relative, 0 to 1
     */
    public static double waterPerKilogram(double celsius, double humidity) {
        double vapour = humidity * saturation(celsius);
        return MASS_RATIO * vapour / (AIR_PRESSURE_KPA - vapour);
    }

    /** Kilograms of air that pass in a minute. */
    public static double kilogramsPerMinute(double cubicMetresPerHour) {
        return DENSITY * cubicMetresPerHour / 60;
    }

    /**
     * Air through a round duct: {@code Q = v · π d²/4}.
     *
     * @return in m³/h
     */
    public static double flow(double metresPerSecond, double diameterMillimetres) {
        double diameter = diameterMillimetres / 1000;
        return metresPerSecond * Math.PI * diameter * diameter / 4 * SECONDS_PER_HOUR;
    }
}
