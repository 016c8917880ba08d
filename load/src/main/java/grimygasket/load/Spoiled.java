package grimygasket.load;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonNull;
import com.google.gson.JsonObject;
import com.google.gson.JsonPrimitive;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;

/** Values as the document of the interface describes them, most of them spoiled in one way or another. */
final class Spoiled {
    private static final int DEEPEST = 12;

    /** Ids of things on other calls, and of other kinds. */
    static final String ANY_ID = "any id";

    private static final List<String> TEXTS = List.of(
            "",
            " ",
            "drains slowly",
            "\u0000",
            "a\u0007b\nc",
            "\uFFFE",
            "\uD800",
            "\u202Eback",
            "名前 🙂 عربي",
            "=1+1",
            "<b>bold</b>",
            "'; drop table account; --",
            "../../etc/passwd",
            "-1",
            "1e999",
            "NaN",
            "0x10",
            "0.1d",
            "10000-01-01",
            "-0001-01-01",
            "2026-02-30",
            "25:61",
            "x".repeat(300),
            "x".repeat(70_000));
    private static final List<Number> NUMBERS = List.of(
            0,
            1,
            -1,
            3,
            255,
            65_536,
            Integer.MAX_VALUE,
            Integer.MIN_VALUE,
            Long.MAX_VALUE,
            Long.MIN_VALUE,
            0.5,
            -1e308,
            1e308,
            4e-320);

    private final JsonObject schemas;
    private final Random random;

    /** Values that mean something here, by the name of their member. */
    private final Map<String, List<String>> known;

    Spoiled(JsonObject schemas, Map<String, List<String>> known, Random random) {
        this.schemas = schemas;
        this.known = known;
        this.random = random;
    }

    private <T> T any(List<T> some) {
        return some.get(random.nextInt(some.size()));
    }

    private boolean once(int in) {
        return random.nextInt(in) == 0;
    }

    String text(String member) {
        return known.containsKey(member) && !once(5) ? any(known.get(member)) : any(TEXTS);
    }

    /** A value of a schema, or of something else. */
    JsonElement of(JsonObject schema, String member) {
        return of(schema, member, 0);
    }

    private JsonElement of(JsonObject schema, String member, int depth) {
        if (once(40)) {
            return anything();
        }
        if (schema.has("$ref")) {
            var ref = schema.get("$ref").getAsString();
            return of(schemas.getAsJsonObject(ref.substring(ref.lastIndexOf('/') + 1)), member, depth + 1);
        }
        if (schema.has("oneOf")) {
            var some = schema.getAsJsonArray("oneOf");
            return of(some.get(random.nextInt(some.size())).getAsJsonObject(), member, depth + 1);
        }
        if (schema.has("enum")) {
            var some = schema.getAsJsonArray("enum");
            return some.get(random.nextInt(some.size()));
        }
        return switch (type(schema)) {
            case "object" -> object(schema, depth);
            case "array" -> array(schema, member, depth);
            case "integer", "number" -> new JsonPrimitive(any(NUMBERS));
            case "boolean" -> new JsonPrimitive(random.nextBoolean());
            default -> new JsonPrimitive(text(schema, member));
        };
    }

    private static String type(JsonObject schema) {
        var type = schema.get("type");
        return type == null
                ? "string"
                : type.isJsonArray() ? type.getAsJsonArray().get(0).getAsString() : type.getAsString();
    }

    private String text(JsonObject schema, String member) {
        boolean isId =
                schema.has("format") && schema.get("format").getAsString().equals("uuid");
        if (isId && known.containsKey(ANY_ID) && once(6)) {
            return any(known.get(ANY_ID));
        }
        if (isId && !known.containsKey(member)) {
            return once(10) ? any(TEXTS) : UUID.randomUUID().toString();
        }
        return text(member);
    }

    private JsonObject object(JsonObject schema, int depth) {
        var object = new JsonObject();
        if (schema.has("properties") && depth < DEEPEST) {
            for (var property : schema.getAsJsonObject("properties").entrySet()) {
                if (!once(25)) {
                    object.add(
                            property.getKey(), of(property.getValue().getAsJsonObject(), property.getKey(), depth + 1));
                }
            }
        }
        if (schema.has("additionalProperties")
                && schema.get("additionalProperties").isJsonObject()) {
            for (int i = random.nextInt(3); i > 0; i--) {
                object.add(text("key"), of(schema.getAsJsonObject("additionalProperties"), "value", depth + 1));
            }
        }
        if (once(40)) {
            object.add("dragons", anything());
        }
        return object;
    }

    private JsonArray array(JsonObject schema, String member, int depth) {
        var array = new JsonArray();
        for (int i = depth < DEEPEST ? random.nextInt(3) : 0; i > 0; i--) {
            array.add(schema.has("items") ? of(schema.getAsJsonObject("items"), member, depth + 1) : anything());
        }
        return array;
    }

    private JsonElement anything() {
        var many = new JsonArray();
        for (int i = 0; i < 3; i++) {
            many.add(any(NUMBERS));
        }
        var some =
                new ArrayList<JsonElement>(List.of(JsonNull.INSTANCE, new JsonObject(), many, new JsonPrimitive(true)));
        some.add(new JsonPrimitive(any(TEXTS)));
        some.add(new JsonPrimitive(any(NUMBERS)));
        return any(some);
    }
}
