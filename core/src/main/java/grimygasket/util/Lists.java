package grimygasket.util;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Unchangeable copies; what a pack leaves out is empty, never null, and order is kept. */
public final class Lists {
    private Lists() {}

    public static <T> List<T> copy(List<T> list) {
        return list == null ? List.of() : List.copyOf(list);
    }

    public static Map<String, Double> copy(Map<String, Double> map) {
        return map == null ? Map.of() : Collections.unmodifiableMap(new LinkedHashMap<>(map));
    }
}
