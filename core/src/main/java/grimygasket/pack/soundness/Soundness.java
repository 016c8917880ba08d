package grimygasket.pack.soundness;

import grimygasket.pack.KindKnowhow;
import grimygasket.pack.Pack;
import grimygasket.pack.Ways;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** What is to be said of know-how that could be read: of the kind, of its families, and of each way into a machine. */
public final class Soundness {
    private Soundness() {}

    /** What in it could hurt somebody: in the kind's pack, in each family, and on each way in. */
    public static List<String> dangers(KindKnowhow known) {
        return ofAll(known, Dangers::of);
    }

    /** What it leaves unsaid, its dangers among it. */
    public static List<String> remarks(KindKnowhow known) {
        return ofAll(known, Review::of);
    }

    private static List<String> ofAll(KindKnowhow known, Function<Pack, List<String>> said) {
        var all = new ArrayList<>(said.apply(known.pack()));
        addWays(known.pack(), "", said, all);
        for (var family : known.pack().families()) {
            var ofFamily = known.families().get(family.id());
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
}
