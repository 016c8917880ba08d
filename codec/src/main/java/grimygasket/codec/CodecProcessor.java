package grimygasket.codec;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Set;
import javax.annotation.processing.AbstractProcessor;
import javax.annotation.processing.RoundEnvironment;
import javax.lang.model.SourceVersion;
import javax.lang.model.element.AnnotationValue;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.TypeMirror;

/** Writes the codecs that {@link Json} asks for. */
public final class CodecProcessor extends AbstractProcessor {
    @Override
    public Set<String> getSupportedAnnotationTypes() {
        return Set.of(Json.class.getName());
    }

    @Override
    public SourceVersion getSupportedSourceVersion() {
        return SourceVersion.latestSupported();
    }

    @Override
    public boolean process(Set<? extends TypeElement> annotations, RoundEnvironment round) {
        round.getElementsAnnotatedWith(Json.class).forEach(asking -> write((TypeElement) asking));
        return true;
    }

    private void write(TypeElement asking) {
        var shapes = new Shapes(processingEnv.getTypeUtils());
        var methods = new Methods();
        var readers = new Readers(shapes, methods);
        var writers = new Writers(shapes, methods, readers, asking);
        // What is read is known by then, as that is written exactly.
        classes(asking, "reads").forEach(readers::ask);
        classes(asking, "writes").forEach(writers::ask);
        var home = Shapes.packageOf(asking);
        var name = asking.getSimpleName() + "Codec";
        try (var out = processingEnv
                .getFiler()
                .createSourceFile(home + "." + name, asking)
                .openWriter()) {
            out.write("""
                    package %1$s;

                    import com.eclipsesource.json.Json;
                    import com.eclipsesource.json.JsonObject;
                    import com.eclipsesource.json.JsonValue;

                    /** Written by the compiler: what {@link %2$s} asks for. */
                    @SuppressWarnings({"all", "rawtypes", "unchecked"})
                    final class %3$s {
                        private %3$s() {}

                    %4$s}
                    """.formatted(home, asking.getSimpleName(), name, methods.sources()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The classes that the annotation names; the compiler has no such classes, but what it knows of them. */
    private static List<TypeMirror> classes(TypeElement asking, String member) {
        return asking.getAnnotationMirrors().stream()
                .filter(one -> ((TypeElement) one.getAnnotationType().asElement())
                        .getQualifiedName()
                        .contentEquals(Json.class.getName()))
                .flatMap(one -> one.getElementValues().entrySet().stream())
                .filter(one -> one.getKey().getSimpleName().contentEquals(member))
                .flatMap(one -> ((List<?>) one.getValue().getValue()).stream())
                .map(one -> (TypeMirror) ((AnnotationValue) one).getValue())
                .toList();
    }
}
