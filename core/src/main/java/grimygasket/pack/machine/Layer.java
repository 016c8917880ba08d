package grimygasket.pack.machine;

import grimygasket.util.Arguments;
import grimygasket.util.Lists;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A layer of the machine that has to be opened to reach what lies under it. Opening is paid once for all that it
 * exposes, and closing again belongs to the price.
 *
 * @param id unique within the pack
 * @param name what is done to open it
 * @param within the layer that must be open before this one; null for one reached from outside
 * @param openMinutes minutes to open, 0 to 600
 * @param closeMinutes minutes to close again, 0 to 600
 * @param cautions ids of the cautions that stand at its opening
 * @param pieces what comes off, in the order in which it comes off
 * @param drawing the order of the tray; null for none
 * @param exposes what can hurt or be hurt if the machine has power while this is open; empty if it may run open
 */
public record Layer(
        String id,
        String name,
        @Nullable String within,
        double openMinutes,
        double closeMinutes,
        List<String> cautions,
        List<Piece> pieces,
        @Nullable Drawing drawing,
        List<Hazard> exposes) {
    public Layer {
        Arguments.text("layer id", id);
        Arguments.text("name of layer " + id, name);
        Arguments.minutes("openMinutes of layer " + id, openMinutes);
        Arguments.minutes("closeMinutes of layer " + id, closeMinutes);
        cautions = Lists.copy(cautions);
        pieces = Lists.copy(pieces);
        if (exposes == null) {
            throw new IllegalArgumentException("layer " + id + " does not say what it exposes");
        }
        exposes = Lists.copy(exposes);
    }

    /** The same with other pieces. */
    public Layer with(List<Piece> others) {
        return new Layer(id, name, within, openMinutes, closeMinutes, cautions, others, drawing, exposes);
    }
}
