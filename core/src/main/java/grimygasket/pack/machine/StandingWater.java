package grimygasket.pack.machine;

import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;

/**
 * Where water may stand in a machine when it is opened, and how much of it.
 *
 * @param ask what to look at, as a question for its level
 * @param areaSquareMetres of the tub at the water's surface, over 0 to 1
 * @param hoseLitres what hoses and pump hold besides, 0 to 20
 * @param mostCentimetres the highest level that there can be, over 0 to 100
 * @param layers ids of the layers at whose opening it runs out
 */
public record StandingWater(
        String ask, double areaSquareMetres, double hoseLitres, double mostCentimetres, List<String> layers) {
    private static final double LEAST = 0.001;
    private static final double MOST_LITRES = 20;
    private static final double MOST_CENTIMETRES = 100;

    public StandingWater {
        Arguments.text("question for the standing water", ask);
        Arguments.between("areaSquareMetres of the standing water", areaSquareMetres, LEAST, 1);
        Arguments.between("hoseLitres of the standing water", hoseLitres, 0, MOST_LITRES);
        Arguments.between("mostCentimetres of the standing water", mostCentimetres, LEAST, MOST_CENTIMETRES);
        layers = Lists.copy(layers);
    }
}
