package grimygasket.flow;

/** Loss in a hose, with bends and fittings. */
public final class Hose {
    /** Darcy friction factor of a ribbed hose in turbulent flow; smooth pipe has about 0.025. */
    private static final double FRICTION = 0.03;

    /** Metres of hose that bends, joints, valve and trap count for. */
    private static final double FITTINGS_METRES = 2;

    private static final double GRAVITY = 9.80665;
    private static final double LITRES_PER_MINUTE = 60_000;
    private static final double MILLIMETRES = 1000;

    private Hose() {}

    /**
     * Metres of head lost for each (L/min)²: {@code k = 8 f L / (π² g D⁵)}, the Darcy-Weisbach equation for a round bore
     * (White, Fluid Mechanics, section 6.3).
     *
     * @param lengthMetres over 0 to 20
     * @param boreMillimetres 5 to 100
     */
    public static double loss(double lengthMetres, double boreMillimetres) {
        double bore = boreMillimetres / MILLIMETRES;
        double length = lengthMetres + FITTINGS_METRES;
        return 8
                * FRICTION
                * length
                / (Math.PI * Math.PI * GRAVITY * Math.pow(bore, 5))
                / LITRES_PER_MINUTE
                / LITRES_PER_MINUTE;
    }
}
