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
        var source = new Source(shapes, asking);
        classes(asking, "reads").forEach(source::read);
        classes(asking, "writes").forEach(source::write);
        var home = Shapes.packageOf(asking);
        var name = asking.getSimpleName() + "Codec";
        try (var out = processingEnv
                .getFiler()
                .createSourceFile(home + "." + name, asking)
                .openWriter()) {
            out.write(source.of(home, name));
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
