package grimygasket.visit.line;

import grimygasket.gauge.water.ResidualWater;
import grimygasket.pack.Pack;
import grimygasket.util.Unfit;
import java.util.Optional;

/**
 * Water standing in the machine, as it was judged before it was opened.
 *
 * @param levelCm over the floor of the tub, 0 or more
 * @param vesselLitres what the vessel in hand holds, at least 0.1
 */
public record WaterLeft(double levelCm, double vesselLitres) implements JobLine<WaterLeft> {
    public WaterLeft {
        if (!(levelCm >= 0)) {
            throw new Unfit("the level is 0 cm or more");
        }
        if (!(vesselLitres >= 0.1)) {
            throw new Unfit("say what the pan in your hand holds, in litres");
        }
    }

    @Override
    public Optional<String> onlyAbout() {
        return Optional.of("water");
    }

    @Override
    public Optional<String> unknownTo(Pack pack) {
        if (pack.water() == null) {
            throw new Unfit("no water stands in a machine of this kind");
        }
        ResidualWater.of(pack.water(), levelCm).fills(vesselLitres);
        return Optional.empty();
    }

    @Override
    public Optional<WaterLeft> merged(WaterLeft was, WaterLeft theirs) {
        var merge = new Merge<>(was, this, theirs);
        return merge.merged(() -> new WaterLeft(merge.of(WaterLeft::levelCm), merge.of(WaterLeft::vesselLitres)));
    }
}
