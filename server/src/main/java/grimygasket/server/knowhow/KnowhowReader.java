package grimygasket.server.knowhow;

import grimygasket.pack.PackException;
import java.util.ArrayList;
import java.util.List;

/** Reads a pack and its code table together; refuses both with all that is wrong with either. */
final class KnowhowReader {
    private final PackReader packs;

    KnowhowReader(PackReader packs) {
        this.packs = packs;
    }

    /**
     * @param kind that the know-how is to be about
     * @throws PackException with a sentence for each problem
     */
    Knowhow read(String kind, Texts texts) {
        var pack = packs.read(texts.pack());
        if (!pack.id().equals(kind)) {
            throw new PackException(
                    List.of("This pack is about “" + pack.id() + "”, not about “" + kind + "”: import it there."));
        }
        var problems = new ArrayList<String>();
        var codes = CodeTableReader.read(texts.codes(), pack, problems);
        if (!problems.isEmpty()) {
            throw new PackException(
                    problems.stream().map(problem -> "Code table, " + problem).toList());
        }
        return new Knowhow(pack, codes);
    }
}
