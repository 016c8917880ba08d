package grimygasket.knowhow;

import grimygasket.pack.KindKnowhow;
import grimygasket.pack.Pack;
import grimygasket.pack.PackException;
import grimygasket.pack.Ways;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Reads a pack and its code table together; refuses both with all that is wrong with either. */
public final class KnowhowReader {
    private final PackReader packs;

    KnowhowReader(PackReader packs) {
        this.packs = packs;
    }

    /**
     * @param kind that the know-how is to be about
     * @throws PackException with a sentence for each problem
     */
    public KindKnowhow read(String kind, KnowhowText texts) {
        var tree = PackReader.tree(texts.pack());
        var pack = packs.read(tree);
        if (!pack.id().equals(kind)) {
            throw new PackException(
                    List.of("This pack is about “" + pack.id() + "”, not about “" + kind + "”: import it there."));
        }
        var problems = new ArrayList<>(Ways.problems(pack));
        if (!problems.isEmpty()) {
            throw new PackException(problems);
        }
        var codes = CodeTableReader.read(texts.codes(), pack, problems);
        refuse(problems);
        return new KindKnowhow(pack, codes, families(tree));
    }

    /**
     * The same of know-how that comes in from elsewhere.
     *
     * @throws PackException with a sentence for each problem
     */
    public KindKnowhow readNew(String kind, KnowhowText texts) {
        var read = read(kind, texts);
        refuse(CodeTableReader.unfitCells(texts.codes()));
        return read;
    }

    private static void refuse(List<String> ofCodes) {
        if (!ofCodes.isEmpty()) {
            throw new PackException(
                    ofCodes.stream().map(problem -> "Code table, " + problem).toList());
        }
    }

    /** The packs of the families: the kind's, with their changes made. */
    private Map<String, Pack> families(JsonNode tree) {
        var families = new HashMap<String, Pack>();
        var problems = new ArrayList<String>();
        for (var family : tree.path("families")) {
            try {
                var changed = packs.read(Overlay.on(tree, family.path("changes")));
                families.put(family.path("id").asString(), changed);
                Ways.problems(changed)
                        .forEach(problem ->
                                problems.add("family " + family.path("id").asString() + ": " + problem));
            } catch (PackException e) {
                e.problems()
                        .forEach(problem ->
                                problems.add("family " + family.path("id").asString() + ": " + problem));
            }
        }
        if (!problems.isEmpty()) {
            throw new PackException(problems);
        }
        return families;
    }
}
