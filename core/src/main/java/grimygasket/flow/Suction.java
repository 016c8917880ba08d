package grimygasket.flow;

/**
 * Sealed suction of a vacuum cleaner at its inlet. With the inlet shut, air comes only through the bleed and the seals;
 * it passes the filters, which take their share of it. With {@code s} the area of all leaks as a share of the inlet's, and
 * resistances as multiples of that of the open machine: {@code p/p0 = (1/s²) / (1/s² + f·r + g)}.
 *
 * <p>Derived from two orifices in series behind a {@link PressureSource}; the shares are estimates for domestic machines.
 */
public final class Suction {
    /** Area through which a sound machine draws air with its inlet shut (motor cooling, joints), as a share of the inlet. */
    public static final double SOUND_BLEED = 0.25;

    /** Share of the machine's resistance that lies in what the bleed's air passes: bin, filters. */
    private static final double FILTERS = 0.4;

    /** How much the fan sags, as a multiple of the open machine's resistance. */
    private static final double SAG = 0.5;

    private Suction() {}

    /**
     * Sealed suction as a share of that of a sound, clean machine.
     *
     * @param resistance of bin and filters as a multiple of the clean one, 1 or more
     * @param bleed area of all leaks as a share of the inlet's, over 0
     */
    public static double share(double resistance, double bleed) {
        return ratio(resistance, bleed) / ratio(1, SOUND_BLEED);
    }

    private static double ratio(double resistance, double bleed) {
        double leak = 1 / bleed / bleed;
        return leak / (leak + FILTERS * resistance + SAG);
    }

    /**
     * The inverse, for sound seals: resistance of bin and filters that explains a share of the sound suction.
     *
     * @param share over 0 to 1
     * @return 1 or more
     */
    public static double resistance(double share) {
        double leak = 1 / SOUND_BLEED / SOUND_BLEED;
        double ratio = Math.min(1, share) * ratio(1, SOUND_BLEED);
        return Math.max(1, (leak / ratio - leak - SAG) / FILTERS);
    }
}
