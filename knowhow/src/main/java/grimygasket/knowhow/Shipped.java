package grimygasket.knowhow;

import grimygasket.pack.KindKnowhow;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;

/** The know-how that comes with the application. */
public final class Shipped {
    /** The kinds of machine, in the order in which they are offered. */
    public static final List<String> KINDS = List.of("dishwasher", "washing-machine", "tumble-dryer", "vacuum-cleaner");

    private static final Map<String, KindKnowhow> READ = new ConcurrentHashMap<>();

    private Shipped() {}

    public static KnowhowText texts(String kind) {
        return new KnowhowText(resource(kind + ".yaml"), resource("codes/" + kind + ".csv"));
    }

    public static KindKnowhow knowhow(String kind) {
        return READ.computeIfAbsent(kind, shipped -> reader().read(shipped, texts(shipped)));
    }

    public static KnowhowReader reader() {
        return Reader.ONLY;
    }

    /** Made when it is first asked for, as the schema takes its time. */
    private static final class Reader {
        private static final KnowhowReader ONLY = new KnowhowReader(new PackReader(resource("pack.schema.json")));
    }

    static String resource(String name) {
        try (var in = Shipped.class.getResourceAsStream("/knowledge/" + name)) {
            return new String(Objects.requireNonNull(in, name).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
