package grimygasket.codec;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.lang.model.element.Element;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.Modifier;
import javax.lang.model.element.PackageElement;
import javax.lang.model.element.RecordComponentElement;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeMirror;
import javax.lang.model.util.Types;

/** What the compiler knows of types, as a codec asks for it. */
final class Shapes {
    private static final List<Class<?>> PLAIN =
            List.of(String.class, UUID.class, BigDecimal.class, Integer.class, Long.class, Double.class, Boolean.class);

    private final Types types;

    Shapes(Types types) {
        this.types = types;
    }

    /** The class of a type, without what it is of. */
    Optional<TypeElement> element(TypeMirror type) {
        return types.erasure(type) instanceof DeclaredType declared
                ? Optional.of((TypeElement) declared.asElement())
                : Optional.empty();
    }

    /** What a list or map is of. */
    List<? extends TypeMirror> arguments(TypeMirror type) {
        return ((DeclaredType) type).getTypeArguments();
    }

    boolean is(TypeMirror type, Class<?> known) {
        return element(type)
                .filter(one -> one.getQualifiedName().contentEquals(known.getName()))
                .isPresent();
    }

    boolean isSealed(TypeElement type) {
        return type.getKind() == ElementKind.INTERFACE && type.getModifiers().contains(Modifier.SEALED);
    }

    /** All records of a sealed type. */
    List<TypeElement> records(TypeElement type) {
        return isSealed(type)
                ? type.getPermittedSubclasses().stream()
                        .flatMap(one -> element(one).stream())
                        .flatMap(one -> records(one).stream())
                        .toList()
                : List.of(type);
    }

    /** Whether a record is one of a sealed type. */
    boolean isOneOfMany(TypeElement record) {
        return record.getInterfaces().stream()
                .flatMap(one -> element(one).stream())
                .anyMatch(one -> isSealed(one) || isOneOfMany(one));
    }

    /** Whether a type has a value of its own in JSON. */
    boolean isPlain(TypeMirror type) {
        return PLAIN.stream().anyMatch(one -> is(type, one));
    }

    static List<? extends RecordComponentElement> components(TypeElement record) {
        if (record.getKind() != ElementKind.RECORD) {
            throw new IllegalArgumentException(record + " is no record");
        }
        return record.getRecordComponents();
    }

    /** For example "symptom-settled". */
    static String kind(TypeElement record) {
        return record.getSimpleName()
                .toString()
                .replaceAll("(?<=[a-z])(?=[A-Z])", "-")
                .toLowerCase();
    }

    static String packageOf(Element element) {
        return element instanceof PackageElement found
                ? found.getQualifiedName().toString()
                : packageOf(element.getEnclosingElement());
    }

    /** A name for methods about a type: simple names come twice, in two packages or in two records. */
    static String name(TypeElement type) {
        return type.getQualifiedName().toString().replace('.', '_');
    }
}
