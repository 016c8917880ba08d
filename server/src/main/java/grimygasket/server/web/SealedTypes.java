package grimygasket.server.web;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.Nulls;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.Version;
import tools.jackson.databind.AnnotationIntrospector;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.AnnotatedMember;
import tools.jackson.databind.introspect.AnnotatedParameter;
import tools.jackson.databind.introspect.NopAnnotationIntrospector;
import tools.jackson.databind.jsontype.NamedType;

/**
 * Records of the core as JSON, without a word about JSON in the core: a record of a sealed type says which it is in its member
 * <code>kind</code>, and what is not {@link Nullable} has to be there.
 */
@Configuration
public class SealedTypes {
    private static final String CORE = "grimygasket.";

    private static final String SERVER = "grimygasket.server.";

    /** The member that says which record it is. */
    public static final String KIND = "kind";

    @Bean
    JsonMapperBuilderCustomizer coreAsJson() {
        return builder -> builder.annotationIntrospector(
                AnnotationIntrospector.pair(new Introspector(), builder.annotationIntrospector()));
    }

    /** The sealed type of the core that a type is, or is one of; empty for any other type. */
    public static Optional<Class<?>> root(Class<?> type) {
        if (!type.getName().startsWith(CORE)) {
            return Optional.empty();
        }
        return Stream.concat(
                        Arrays.stream(type.getInterfaces())
                                .map(SealedTypes::root)
                                .flatMap(Optional::stream),
                        type.isSealed() && type.isInterface() ? Stream.of(type) : Stream.empty())
                .findFirst();
    }

    /** All records of a sealed type. */
    public static List<Class<?>> records(Class<?> type) {
        if (!type.isSealed()) {
            return List.of(type);
        }
        var records = new ArrayList<Class<?>>();
        for (var permitted : type.getPermittedSubclasses()) {
            records.addAll(records(permitted));
        }
        return records;
    }

    /** For example "symptom-settled". */
    public static String name(Class<?> record) {
        return record.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase();
    }

    /** Whether a member of a record has to be there. */
    public static boolean isRequired(RecordComponent component) {
        return !component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }

    private static final class Introspector extends NopAnnotationIntrospector {
        @Override
        public Version version() {
            return Version.unknownVersion();
        }

        @Override
        public JsonTypeInfo.Value findPolymorphicTypeInfo(MapperConfig<?> config, Annotated annotated) {
            return root(annotated.getRawType()).isEmpty()
                    ? null
                    : JsonTypeInfo.Value.construct(
                            JsonTypeInfo.Id.NAME, JsonTypeInfo.As.PROPERTY, KIND, null, false, null, null);
        }

        @Override
        public List<NamedType> findSubtypes(MapperConfig<?> config, Annotated annotated) {
            return root(annotated.getRawType()).isEmpty()
                    ? null
                    : records(annotated.getRawType()).stream()
                            .map(type -> new NamedType(type, name(type)))
                            .toList();
        }

        @Override
        public Boolean hasRequiredMarker(MapperConfig<?> config, AnnotatedMember member) {
            return component(member).map(SealedTypes::isRequired).orElse(null);
        }

        /** What has to be there is no null either, and neither is what a list or map holds. */
        @Override
        public JsonSetter.Value findSetterInfo(MapperConfig<?> config, Annotated annotated) {
            boolean isRequired = annotated instanceof AnnotatedMember member
                    && component(member).map(SealedTypes::isRequired).orElse(false);
            return JsonSetter.Value.construct(isRequired ? Nulls.FAIL : Nulls.DEFAULT, Nulls.FAIL);
        }

        private static Optional<RecordComponent> component(AnnotatedMember member) {
            var owner = member.getDeclaringClass();
            if (!owner.isRecord() || !isOfCore(owner)) {
                return Optional.empty();
            }
            var components = owner.getRecordComponents();
            return member instanceof AnnotatedParameter parameter
                    ? Optional.of(components[parameter.getIndex()])
                    : Arrays.stream(components)
                            .filter(component -> component.getName().equals(member.getName()))
                            .findFirst();
        }

        private static boolean isOfCore(Class<?> type) {
            return type.getName().startsWith(CORE) && !type.getName().startsWith(SERVER);
        }
    }
}
