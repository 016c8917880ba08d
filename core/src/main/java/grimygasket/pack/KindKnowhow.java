package grimygasket.pack;

import grimygasket.pack.evidence.Code;
import grimygasket.util.Copy;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is known about one kind of machine, or of one family of its models.
 *
 * @param pack that machines are judged by
 * @param codes of every maker
 * @param families id of a family of models to the pack that its machines are judged by
 */
public record KindKnowhow(Pack pack, List<Code> codes, Map<String, Pack> families) {
    public KindKnowhow {
        codes = List.copyOf(codes);
        families = Copy.of(families);
    }

    /** The family that a machine belongs to, if it belongs to one; of several that which names most of its model. */
    public Optional<ModelFamily> family(String maker, String model) {
        return pack.families().stream()
                .filter(family -> family.has(maker, model))
                .max(Comparator.comparingInt(family -> family.fit(maker, model)));
    }

    /** What is known of a machine: of its family, or else of its kind. */
    public KindKnowhow of(String maker, String model) {
        return family(maker, model)
                .map(family -> new KindKnowhow(families.get(family.id()), codes, families))
                .orElse(this);
    }
}
