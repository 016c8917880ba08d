package grimygasket.codec;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.ExecutableElement;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.TypeKind;
import javax.lang.model.type.TypeMirror;

/** The methods that make JSON of values. */
final class Writers {
    private final Shapes shapes;
    private final Methods methods;
    private final Readers readers;
    private final TypeElement asking;
    private final Map<String, TypeMirror> forms = new HashMap<>();

    /** @param asking the class that asks, with the forms in which some types travel */
    Writers(Shapes shapes, Methods methods, Readers readers, TypeElement asking) {
        this.shapes = shapes;
        this.methods = methods;
        this.readers = readers;
        this.asking = asking;
        for (var member : asking.getEnclosedElements()) {
            if (member instanceof ExecutableElement method
                    && method.getSimpleName().contentEquals("form")) {
                forms.put("" + method.getParameters().get(0).asType(), method.getReturnType());
            }
        }
    }

    /** Writes the method that a codec is asked for. */
    void ask(TypeMirror type) {
        methods.write("write " + type, () -> """
                    static String write(%1$s value) {
                        return %2$s.toString();
                    }
                """.formatted(type, writing(type, "value", true)));
    }

    private static String method(TypeElement type) {
        return "write" + Shapes.name(type);
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
        if (shapes.isPlain(type)) {
            return "Values.of(" + value + ")";
        }
        var element = shapes.element(type).orElseThrow();
        if (element.getKind() == ElementKind.ENUM) {
            return "Values.of(" + value + ")";
        }
        write(element);
        return method(element) + "(" + value + ")";
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
        return methods.function(one -> writing(of, "(" + named(of) + ") " + one, exact));
    }

    /** A type as it is cast to: of anything, if it is of something. */
    private String named(TypeMirror type) {
        return shapes.element(type)
                .map(one -> one.getQualifiedName().toString())
                .orElse("" + type);
    }

    private void write(TypeElement type) {
        methods.write(method(type), () -> """
                    private static JsonValue %s(%s value) {
                        if (value == null) {
                            return null;
                        }
                %s    }
                """.formatted(
                method(type), type.getQualifiedName(), shapes.isSealed(type) ? writingOne(type) : writingAll(type)));
    }

    private String writingOne(TypeElement sealed) {
        var lines = new StringBuilder();
        for (var record : shapes.records(sealed)) {
            write(record);
            lines.append(
                    """
                            if (value instanceof %s one) {
                                return %s(one);
                            }
                    """.formatted(record.getQualifiedName(), method(record)).indent(0));
        }
        return lines + "        throw new IllegalArgumentException(\"\" + value);\n";
    }

    private String writingAll(TypeElement record) {
        var lines = new StringBuilder("        var json = new JsonObject();\n");
        if (shapes.isOneOfMany(record)) {
            lines.append("        json.add(\"kind\", \"%s\");\n".formatted(Shapes.kind(record)));
        }
        for (var component : Shapes.components(record)) {
            var name = component.getSimpleName();
            lines.append("        Values.put(json, \"%s\", %s);\n"
                    .formatted(name, writing(component.asType(), "value." + name + "()", readers.reads(record))));
        }
        return lines + "        return json;\n";
    }
}
