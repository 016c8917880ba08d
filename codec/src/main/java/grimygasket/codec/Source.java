package grimygasket.codec;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.ExecutableElement;
import javax.lang.model.element.RecordComponentElement;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.TypeKind;
import javax.lang.model.type.TypeMirror;

/** The source of a codec, method by method, each written once whoever asks for it. */
final class Source {

    private final Shapes shapes;
    private final TypeElement asking;
    private final Map<String, TypeMirror> forms = new HashMap<>();
    /** How many functions the one that is written stands within: each has a parameter of its own name. */
    private int depth;

    private final Map<String, String> methods = new LinkedHashMap<>();

    Source(Shapes shapes, TypeElement asking) {
        this.shapes = shapes;
        this.asking = asking;
        for (var member : asking.getEnclosedElements()) {
            if (member instanceof ExecutableElement method
                    && method.getSimpleName().contentEquals("form")) {
                forms.put("" + method.getParameters().get(0).asType(), method.getReturnType());
            }
        }
    }

    /** The class with all that was asked for. */
    String of(String home, String name) {
        return """
                package %s;

                import com.eclipsesource.json.Json;
                import com.eclipsesource.json.JsonObject;
                import com.eclipsesource.json.JsonValue;

                /** Written by the compiler: what {@link %s} asks for. */
                @SuppressWarnings({"all", "rawtypes", "unchecked"})
                final class %s {
                    private %s() {}

                %s}
                """.formatted(home, asking.getSimpleName(), name, name, String.join("\n", methods.values()));
    }

    void read(TypeMirror type) {
        var element = shapes.element(type).orElseThrow();
        methods.put("read " + type, """
                    static %1$s read%2$s(String json) {
                        return %3$s;
                    }
                """.formatted(type, element.getSimpleName(), reading(type, "Json.parse(json)")));
    }

    void write(TypeMirror type) {
        methods.put("write " + type, """
                    static String write(%1$s value) {
                        return %2$s.toString();
                    }
                """.formatted(type, writing(type, "value", true)));
    }

    /** An expression that makes JSON of a value; null of null. */
    private String writing(TypeMirror type, String value, boolean exact) {
        var known = "" + type;
        if (forms.containsKey(known)) {
            return writing(forms.get(known), asking.getSimpleName() + ".form(" + value + ")", exact);
        }
        if (type.getKind() == TypeKind.BOOLEAN || type.getKind() == TypeKind.INT || type.getKind() == TypeKind.LONG) {
            return "Json.value(" + value + ")";
        }
        if (type.getKind() == TypeKind.DOUBLE) {
            return figures(value, exact);
        }
        if (shapes.is(type, Collection.class) || shapes.is(type, List.class) || shapes.is(type, Set.class)) {
            return "Values.array(" + value + ", "
                    + writingEach(shapes.arguments(type).get(0), exact) + ")";
        }
        if (shapes.is(type, Map.class)) {
            return "Values.object(" + value + ", "
                    + writingEach(shapes.arguments(type).get(1), exact) + ")";
        }
        if (shapes.is(type, Double.class)) {
            return figures(value, exact);
        }
        if (isPlain(type)) {
            return "Values.of(" + value + ")";
        }
        var element = shapes.element(type).orElseThrow();
        if (element.getKind() == ElementKind.ENUM) {
            return "Values.of(" + value + ")";
        }
        writeMethod(element);
        return "write" + Shapes.name(element) + "(" + value + ")";
    }

    /**
     * What is read is a fact, and is written as it was. What is only written was computed: nobody reads more than four figures, and
     * the last bits of exponentials differ from machine to machine.
     */
    private static String figures(String value, boolean exact) {
        return "Values.of(" + (exact ? value : "Values.fourFigures(" + value + ")") + ")";
    }

    /** A function that makes JSON of what a list or map holds. */
    private String writingEach(TypeMirror of, boolean exact) {
        var one = "one" + depth++;
        var function = one + " -> " + writing(of, "(" + named(of) + ") " + one, exact);
        depth--;
        return function;
    }

    /** A function that makes of JSON what a list or map holds. */
    private String readingEach(TypeMirror of) {
        var one = "one" + depth++;
        var function = one + " -> " + reading(of, one);
        depth--;
        return function;
    }

    /** What has a value of its own in JSON. */
    private boolean isPlain(TypeMirror type) {
        return List.of(
                        String.class,
                        UUID.class,
                        BigDecimal.class,
                        Integer.class,
                        Long.class,
                        Double.class,
                        Boolean.class)
                .stream()
                .anyMatch(one -> shapes.is(type, one));
    }

    /** A type as it is cast to: of anything, if it is of something. */
    private String named(TypeMirror type) {
        return shapes.element(type)
                .map(one -> one.getQualifiedName().toString())
                .orElse("" + type);
    }

    private void writeMethod(TypeElement type) {
        var key = "write element " + type;
        if (methods.putIfAbsent(key, "") != null) {
            return;
        }
        var body = shapes.isSealed(type) ? writingOne(type) : writingAll(type);
        methods.put(key, """
                    private static JsonValue write%s(%s value) {
                        if (value == null) {
                            return null;
                        }
                %s    }
                """.formatted(Shapes.name(type), type.getQualifiedName(), body));
    }

    private String writingOne(TypeElement sealed) {
        var lines = new StringBuilder();
        for (var record : shapes.records(sealed)) {
            writeMethod(record);
            lines.append("""
                            if (value instanceof %s one) {
                                return write%s(one);
                            }
                    """.formatted(record.getQualifiedName(), Shapes.name(record))
                    .indent(0));
        }
        return lines + "        throw new IllegalArgumentException(\"\" + value);\n";
    }

    private String writingAll(TypeElement record) {
        var lines = new StringBuilder("        var json = new JsonObject();\n");
        if (shapes.isOneOfMany(record)) {
            lines.append("        json.add(\"kind\", \"%s\");\n".formatted(Shapes.kind(record)));
        }
        for (var component : components(record)) {
            var name = component.getSimpleName();
            lines.append("        Values.put(json, \"%s\", %s);\n"
                    .formatted(name, writing(component.asType(), "value." + name + "()", isRead(record))));
        }
        return lines + "        return json;\n";
    }

    private boolean isRead(TypeElement type) {
        return methods.containsKey("read element " + type);
    }

    private static List<? extends RecordComponentElement> components(TypeElement record) {
        if (record.getKind() != ElementKind.RECORD) {
            throw new IllegalArgumentException(record + " is no record");
        }
        return record.getRecordComponents();
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
        if (isPlain(type)) {
            return "Values.a%s(%s)".formatted(element.getSimpleName(), json);
        }
        if (element.getKind() == ElementKind.ENUM) {
            return "Values.constant(%s, %s::valueOf)".formatted(json, element.getQualifiedName());
        }
        readMethod(element);
        return "read" + Shapes.name(element) + "(" + json + ")";
    }

    private String key(TypeMirror type) {
        var element = shapes.element(type).orElseThrow();
        if (element.getKind() == ElementKind.ENUM) {
            return element.getQualifiedName() + "::valueOf";
        }
        return shapes.is(type, UUID.class) ? "java.util.UUID::fromString" : "key -> key";
    }

    private void readMethod(TypeElement type) {
        var key = "read element " + type;
        if (methods.putIfAbsent(key, "") != null) {
            return;
        }
        var body = shapes.isSealed(type) ? readingOne(type) : readingAll(type);
        methods.put(key, """
                    private static %s read%s(JsonValue json) {
                        if (Values.isNull(json)) {
                            return null;
                        }
                        var object = json.asObject();
                %s    }
                """.formatted(type.getQualifiedName(), Shapes.name(type), body));
    }

    private String readingOne(TypeElement sealed) {
        var cases = new ArrayList<String>();
        for (var record : shapes.records(sealed)) {
            readMethod(record);
            cases.add("            case \"%s\" -> read%s(json);\n".formatted(Shapes.kind(record), Shapes.name(record)));
        }
        return """
                        var kind = object.getString("kind", "");
                        return switch (kind) {
                %s            default -> throw new IllegalArgumentException("there is no kind " + kind);
                        };
                """.formatted(String.join("", cases));
    }

    private String readingAll(TypeElement record) {
        return components(record).stream()
                .map(component -> "                "
                        + reading(component.asType(), "object.get(\"" + component.getSimpleName() + "\")"))
                .collect(Collectors.joining(",\n", "        return new " + record.getQualifiedName() + "(\n", ");\n"));
    }
}
