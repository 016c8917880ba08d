package grimygasket.codec;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/** The methods of a codec, each written once whoever asks for it. */
final class Methods {
    private final Map<String, String> sources = new LinkedHashMap<>();
    /** How many functions the one that is written stands within. */
    private int depth;

    boolean has(String name) {
        return sources.containsKey(name);
    }

    /** Writes a method that is not there yet; while it is written, it is taken for written, as it may call itself. */
    void write(String name, Supplier<String> source) {
        if (sources.putIfAbsent(name, "") == null) {
            sources.put(name, source.get());
        }
    }

    /**
     * A function of one parameter, named as no other around it.
     *
     * @param body what it makes of its parameter
     */
    String function(UnaryOperator<String> body) {
        var parameter = "one" + depth++;
        var function = parameter + " -> " + body.apply(parameter);
        depth--;
        return function;
    }

    /** All of them. */
    String sources() {
        return String.join("\n", sources.values());
    }
}
