package grimygasket.codec;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.TypeMirror;

/** The methods that make values of JSON. */
final class Readers {
    private final Shapes shapes;
    private final Methods methods;

    Readers(Shapes shapes, Methods methods) {
        this.shapes = shapes;
        this.methods = methods;
    }

    /** Writes the method that a codec is asked for. */
    void ask(TypeMirror type) {
        var element = shapes.element(type).orElseThrow();
        methods.write(
                "read " + type, () -> """
                    static %1$s read%2$s(String json) {
                        return %3$s;
                    }
                """.formatted(type, element.getSimpleName(), reading(type, "Json.parse(json)")));
    }

    /** Whether values of a record, or sealed type, are read at all. */
    boolean reads(TypeElement type) {
        return methods.has(method(type));
    }

    private static String method(TypeElement type) {
        return "read" + Shapes.name(type);
    }

    /** An expression that makes a value of JSON. */
    private String reading(TypeMirror type, String json) {
        if (type.getKind().isPrimitive()) {
            return "Values.%sThere(%s)".formatted(type, json);
        }
        if (shapes.is(type, List.class)) {
            return "Values.list(" + json + ", "
                    + readingEach(shapes.arguments(type).get(0)) + ")";
        }
        if (shapes.is(type, Set.class)) {
            return "Values.set(" + json + ", "
                    + readingEach(shapes.arguments(type).get(0)) + ")";
        }
        if (shapes.is(type, Map.class)) {
            var of = shapes.arguments(type);
            return "Values.map(" + json + ", " + key(of.get(0)) + ", " + readingEach(of.get(1)) + ")";
        }
        var element = shapes.element(type).orElseThrow();
        if (shapes.isPlain(type)) {
            return "Values.a%s(%s)".formatted(element.getSimpleName(), json);
        }
        if (element.getKind() == ElementKind.ENUM) {
            return "Values.constant(%s, %s::valueOf)".formatted(json, element.getQualifiedName());
        }
        write(element);
        return method(element) + "(" + json + ")";
    }

    /** A function that makes of JSON what a list or map holds. */
    private String readingEach(TypeMirror of) {
        return methods.function(one -> reading(of, one));
    }

    /** A function that makes of a member's name the key of a map. */
    private String key(TypeMirror type) {
        var element = shapes.element(type).orElseThrow();
        if (element.getKind() == ElementKind.ENUM) {
            return element.getQualifiedName() + "::valueOf";
        }
        return shapes.is(type, UUID.class) ? "java.util.UUID::fromString" : "key -> key";
    }

    private void write(TypeElement type) {
        methods.write(method(type), () -> """
                    private static %s %s(JsonValue json) {
                        if (Values.isNull(json)) {
                            return null;
                        }
                        var object = json.asObject();
                %s    }
                """.formatted(
                type.getQualifiedName(), method(type), shapes.isSealed(type) ? readingOne(type) : readingAll(type)));
    }

    private String readingOne(TypeElement sealed) {
        var cases = new StringBuilder();
        for (var record : shapes.records(sealed)) {
            write(record);
            cases.append("            case \"%s\" -> %s(json);\n".formatted(Shapes.kind(record), method(record)));
        }
        return """
                        var kind = object.getString("kind", "");
                        return switch (kind) {
                %s            default -> throw new IllegalArgumentException("there is no kind " + kind);
                        };
                """.formatted(cases);
    }

    private String readingAll(TypeElement record) {
        return Shapes.components(record).stream()
                .map(component -> "                "
                        + reading(component.asType(), "object.get(\"" + component.getSimpleName() + "\")"))
                .collect(Collectors.joining(",\n", "        return new " + record.getQualifiedName() + "(\n", ");\n"));
    }
}
