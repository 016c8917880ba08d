package grimygasket.pack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

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

    /** What could hurt whoever follows it: what the kind's pack says, and what a family's changes make of it. */
    public List<String> dangers() {
        return ofAll(Dangers::of);
    }

    /** What it leaves unsaid, its dangers among it. */
    public List<String> remarks() {
        return ofAll(Review::of);
    }

    private List<String> ofAll(Function<Pack, List<String>> said) {
        var all = new ArrayList<>(said.apply(pack));
        addWays(pack, "", said, all);
        for (var family : pack.families()) {
            var ofFamily = families.get(family.id());
            add(said.apply(ofFamily), family.name() + ": ", all);
            addWays(ofFamily, family.name() + ", ", said, all);
        }
        return List.copyOf(all);
    }

    private static void addWays(Pack of, String where, Function<Pack, List<String>> said, List<String> all) {
        for (var way : of.ways()) {
            for (var choice : way.choices()) {
                var taken = Ways.taken(of, Map.of(way.id(), choice.id()), Map.of());
                if (taken != of) {
                    add(said.apply(taken), where + choice.name() + ": ", all);
                }
            }
        }
    }

    private static void add(List<String> said, String where, List<String> all) {
        said.stream().filter(line -> !all.contains(line)).forEach(line -> all.add(where + line));
    }

    /** What is known of a machine: of its family, or else of its kind. */
    public KindKnowhow of(String maker, String model) {
        return family(maker, model)
                .map(family -> new KindKnowhow(families.get(family.id()), codes, families))
                .orElse(this);
    }
}
