package grimygasket.server.knowhow;

import grimygasket.pack.Code;
import grimygasket.pack.Feature;
import grimygasket.pack.Pack;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** The packs and code tables in use. */
@Component
public class Library {
    private static final List<String> KINDS =
            List.of("dishwasher", "washing-machine", "tumble-dryer", "vacuum-cleaner");

    private final Map<String, Shelf> shelves;

    private record Shelf(Pack pack, List<Code> codes) {}

    public Library() throws IOException {
        var reader = new PackReader(text("pack.schema.json"));
        var loaded = new LinkedHashMap<String, Shelf>();
        for (var kind : KINDS) {
            var pack = reader.read(text(kind + ".yaml"));
            loaded.put(kind, new Shelf(pack, CodeTableReader.read(text("codes/" + kind + ".csv"), pack)));
        }
        shelves = Collections.unmodifiableMap(loaded);
    }

    private static String text(String name) throws IOException {
        return new ClassPathResource("knowledge/" + name).getContentAsString(StandardCharsets.UTF_8);
    }

    /** Every pack, in the order in which kinds are offered. */
    public List<Pack> packs() {
        return shelves.values().stream().map(Shelf::pack).toList();
    }

    public Pack pack(String kind) {
        return shelf(kind).pack;
    }

    /** Refuses features that a kind of machine does not know. */
    public void requireFeatures(String kind, List<String> features) {
        var known = pack(kind).features().stream().map(Feature::id).toList();
        for (var feature : features) {
            if (!known.contains(feature)) {
                throw new Problem(
                        Kind.INVALID,
                        "“" + feature + "” is not a feature of a "
                                + pack(kind).name().toLowerCase() + ".");
            }
        }
    }

    /** The codes of every maker for a kind of machine. */
    public List<Code> codes(String kind) {
        return shelf(kind).codes;
    }

    /** A maker's code, found without regard to capitals, as displays and customers differ in them. */
    public Code code(String kind, String maker, String code) {
        var table = codes(kind).stream()
                .filter(c -> c.maker().equalsIgnoreCase(maker))
                .toList();
        return table.stream()
                .filter(c -> c.code().equalsIgnoreCase(code.strip()))
                .findFirst()
                .orElseThrow(() -> new Problem(Kind.UNKNOWN_CODE, unknown(kind, maker, code, table)));
    }

    private String unknown(String kind, String maker, String code, List<Code> table) {
        var name = pack(kind).name().toLowerCase();
        return table.isEmpty()
                ? "There is no code table for a " + name + " by " + maker + ": go by the signs instead."
                : "“" + code + "” is not in the code table for a " + name + " by " + maker + ". It has "
                        + String.join(", ", table.stream().map(Code::code).toList())
                        + ". Look at the display again, or go by the signs.";
    }

    private Shelf shelf(String kind) {
        var shelf = shelves.get(kind);
        if (shelf == null) {
            throw new Problem(Kind.NOT_FOUND, "There is no know-how yet for “" + kind + "”.");
        }
        return shelf;
    }
}
