package grimygasket.state;

import grimygasket.call.Learnt;
import grimygasket.pack.ModelFamily;
import java.util.Comparator;
import java.util.List;

/**
 * What a business has learnt of one model.
 *
 * @param maker as it was written last, as is the model
 */
public record OfModel(String maker, String model, Learnt learnt) {
    public static final Comparator<OfModel> BY_NAME =
            Comparator.comparing(OfModel::maker).thenComparing(OfModel::model);

    /** What was learnt of a machine's model. */
    static Learnt of(List<OfModel> all, String maker, String model) {
        return all.stream()
                .filter(one -> ModelFamily.plain(one.maker()).equals(ModelFamily.plain(maker))
                        && ModelFamily.plain(one.model()).equals(ModelFamily.plain(model)))
                .findFirst()
                .map(OfModel::learnt)
                .orElse(Learnt.NOTHING);
    }
}
