package grimygasket.server.shelf;

import grimygasket.call.Article;
import grimygasket.call.Fitting;
import java.util.List;
import java.util.Map;

/**
 * The parts that there are, with what of them is on a van.
 *
 * @param ofKinds kind of machine to the parts for it
 */
public record Shelf(Map<String, List<Fitting>> ofKinds) {
    /** Those for a kind of machine, whoever made it. */
    public List<Fitting> of(String kind) {
        return ofKinds.getOrDefault(kind, List.of());
    }

    /** Those that fit a machine. */
    public List<Article> partsFor(String kind, String maker) {
        return Fitting.of(of(kind), maker);
    }
}
