package grimygasket.device;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Values of no record, as the codec reads and writes them: null of null. */
final class Values {
    private static final double NOTHING = 1e-9;
    private static final double LEAST_OF_FOUR = 1000;
    private static final double HALF = 0.500001;

    private Values() {}

    static boolean isNull(@Nullable JsonValue json) {
        return json == null || json.isNull();
    }

    /** Adds a member, if there is one. */
    static void put(JsonObject json, String name, @Nullable JsonValue value) {
        if (value != null) {
            json.add(name, value);
        }
    }

    static @Nullable JsonValue of(@Nullable Object value) {
        return value == null ? null : Json.value(value.toString());
    }

    static JsonValue of(double value) {
        return Json.value(value);
    }

    static @Nullable JsonValue of(@Nullable Double value) {
        return value == null ? null : Json.value(value.doubleValue());
    }

    static @Nullable JsonValue of(@Nullable Integer value) {
        return value == null ? null : Json.value(value.intValue());
    }

    static @Nullable JsonValue of(@Nullable Long value) {
        return value == null ? null : Json.value(value.longValue());
    }

    static @Nullable JsonValue of(@Nullable Boolean value) {
        return value == null ? null : Json.value(value.booleanValue());
    }

    static @Nullable JsonValue of(@Nullable BigDecimal value) {
        return value == null ? null : Json.parse(value.toPlainString());
    }

    /** 0.28571428 as 0.2857 and 12345.6 as 12346, and what is left of nothing as nothing. */
    static @Nullable Double fourFigures(@Nullable Double value) {
        return value == null ? null : (Double) fourFigures(value.doubleValue());
    }

    static double fourFigures(double value) {
        double size = Math.abs(value);
        if (size < NOTHING) {
            return 0;
        }
        double parts = 1;
        while (size * parts < LEAST_OF_FOUR) {
            parts *= 10;
        }
        // A little more than a half is added: what is a half but for its last bits is rounded alike everywhere.
        double rounded = Math.floor(size * parts + HALF) / parts;
        return value < 0 ? -rounded : rounded;
    }

    static <T> @Nullable JsonValue array(@Nullable Collection<T> some, Function<Object, JsonValue> each) {
        if (some == null) {
            return null;
        }
        var array = new JsonArray();
        some.forEach(one -> array.add(each.apply(one)));
        return array;
    }

    /** In the order of the keys, as a map has none of its own. */
    static @Nullable JsonValue object(@Nullable Map<?, ?> some, Function<Object, JsonValue> each) {
        if (some == null) {
            return null;
        }
        var sorted = new TreeMap<String, Object>();
        some.forEach((key, value) -> sorted.put("" + key, value));
        var object = new JsonObject();
        sorted.forEach((key, value) -> object.add(key, each.apply(value)));
        return object;
    }

    static <T> @Nullable List<T> list(@Nullable JsonValue json, Function<JsonValue, T> each) {
        if (isNull(json)) {
            return null;
        }
        var list = new ArrayList<T>();
        json.asArray().forEach(one -> list.add(each.apply(one)));
        return list;
    }

    static <T> @Nullable Set<T> set(@Nullable JsonValue json, Function<JsonValue, T> each) {
        var list = list(json, each);
        return list == null ? null : new LinkedHashSet<>(list);
    }

    static <K, V> @Nullable Map<K, V> map(
            @Nullable JsonValue json, Function<String, K> key, Function<JsonValue, V> each) {
        if (isNull(json)) {
            return null;
        }
        var map = new LinkedHashMap<K, V>();
        json.asObject().forEach(member -> map.put(key.apply(member.getName()), each.apply(member.getValue())));
        return map;
    }

    static <E> @Nullable E constant(@Nullable JsonValue json, Function<String, E> named) {
        return isNull(json) ? null : named.apply(json.asString());
    }

    static @Nullable String aString(@Nullable JsonValue json) {
        return isNull(json) ? null : json.asString();
    }

    static @Nullable UUID aUUID(@Nullable JsonValue json) {
        return isNull(json) ? null : UUID.fromString(json.asString());
    }

    static @Nullable BigDecimal aBigDecimal(@Nullable JsonValue json) {
        return isNull(json) ? null : new BigDecimal(json.toString());
    }

    static @Nullable Double aDouble(@Nullable JsonValue json) {
        return isNull(json) ? null : (Double) json.asDouble();
    }

    static @Nullable Integer aInteger(@Nullable JsonValue json) {
        return isNull(json) ? null : (Integer) json.asInt();
    }

    static @Nullable Long aLong(@Nullable JsonValue json) {
        return isNull(json) ? null : (Long) json.asLong();
    }

    static @Nullable Boolean aBoolean(@Nullable JsonValue json) {
        return isNull(json) ? null : (Boolean) json.asBoolean();
    }

    private static JsonValue there(@Nullable JsonValue json) {
        if (isNull(json)) {
            throw new IllegalArgumentException("a number or yes or no is missing");
        }
        return json;
    }

    static int intThere(@Nullable JsonValue json) {
        return there(json).asInt();
    }

    static long longThere(@Nullable JsonValue json) {
        return there(json).asLong();
    }

    static double doubleThere(@Nullable JsonValue json) {
        return there(json).asDouble();
    }

    static boolean booleanThere(@Nullable JsonValue json) {
        return there(json).asBoolean();
    }
}
