package grimygasket.server.knowhow;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.core.io.ClassPathResource;

/** The know-how that comes with the application. */
public final class Shipped {
    /** The kinds of machine, in the order in which they are offered. */
    public static final List<String> KINDS = List.of("dishwasher", "washing-machine", "tumble-dryer", "vacuum-cleaner");

    private Shipped() {}

    public static Texts texts(String kind) {
        return new Texts(resource(kind + ".yaml"), resource("codes/" + kind + ".csv"));
    }

    public static Knowhow knowhow(String kind) {
        return reader().read(kind, texts(kind));
    }

    static KnowhowReader reader() {
        return new KnowhowReader(new PackReader(resource("pack.schema.json")));
    }

    static String resource(String name) {
        try {
            return new ClassPathResource("knowledge/" + name).getContentAsString(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
