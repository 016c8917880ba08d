package grimygasket.gauge.water;

import grimygasket.pack.machine.StandingWater;
import grimygasket.util.Unfit;

/**
 * How much water runs out when a machine is opened: tub area × level + what hoses hold. The level is read by eye, so the
 * litres are good to about a quarter.
 *
 * @param litres 0 or more
 */
public record ResidualWater(double litres) {
    private static final double LITRES_PER_CUBIC_METRE = 1000;
    private static final double CENTIMETRES_PER_METRE = 100;
    /** Rounding alone never asks for another fill. */
    private static final double A_DROP = 1e-9;

    /**
     * @param levelCentimetres of the water over the floor of the tub, from 0 to the most that there can be
     * @throws Unfit if the level is none that there can be
     */
    public static ResidualWater of(StandingWater where, double levelCentimetres) {
        if (!(levelCentimetres >= 0 && levelCentimetres <= where.mostCentimetres())) {
            throw new Unfit("the water can stand 0 to " + Math.round(where.mostCentimetres()) + " cm high, not "
                    + levelCentimetres);
        }
        return of(where.areaSquareMetres(), levelCentimetres, where.hoseLitres());
    }

    /** {@code area · level + hoses}, field guide, section 5. */
    static ResidualWater of(double areaSquareMetres, double levelCentimetres, double hoseLitres) {
        return new ResidualWater(
                areaSquareMetres * levelCentimetres / CENTIMETRES_PER_METRE * LITRES_PER_CUBIC_METRE + hoseLitres);
    }

    /**
     * How often a vessel has to be emptied.
     *
     * @param vesselLitres what it holds, over 0 to 100
     * @throws Unfit if it holds nothing, or more than anybody carries
     */
    public int fills(double vesselLitres) {
        if (!(vesselLitres > 0 && vesselLitres <= 100)) {
            throw new Unfit("a vessel holds over 0 and up to 100 L, not " + vesselLitres);
        }
        return (int) Math.ceil(litres / vesselLitres - A_DROP);
    }
}
