package grimygasket.server.knowhow;

import grimygasket.pack.Code;
import grimygasket.pack.ModelFamily;
import grimygasket.pack.Pack;
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
public record Knowhow(Pack pack, List<Code> codes, Map<String, Pack> families) {
    public Knowhow {
        codes = List.copyOf(codes);
        families = Map.copyOf(families);
    }

    /** The family that a machine belongs to, if it belongs to one. */
    public Optional<ModelFamily> family(String maker, String model) {
        return pack.families().stream()
                .filter(family -> family.has(maker, model))
                .findFirst();
    }

    /** The same for the machines of a family. */
    Knowhow of(ModelFamily family) {
        return new Knowhow(families.get(family.id()), codes, families);
    }
}
