package grimygasket.util;

import java.util.Map;

/**
 * What cannot be changed any more. {@link Map#copyOf} is of no use: in the browser the copy of an empty map has a table without a
 * place, and asking it divides by nothing.
 */
public final class Copy {
    private Copy() {}

    public static <K, V> Map<K, V> of(Map<? extends K, ? extends V> map) {
        return map.isEmpty() ? Map.of() : Map.copyOf(map);
    }
}
