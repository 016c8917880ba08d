package grimygasket.server.web;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import grimygasket.diagnosis.plan.Step;
import grimygasket.gauge.Readings;
import grimygasket.report.Report;
import grimygasket.state.CallState;
import grimygasket.state.Consequence;
import grimygasket.state.Supposed;
import grimygasket.wording.GaugeView;
import grimygasket.wording.JudgementView;
import grimygasket.words.Lexicon;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;

/** The OpenAPI document: what its generator cannot see, of records and sealed types. */
@TestConfiguration
public class ApiDocument {
    /** What of the interface cannot be told apart by its name. */
    static final Set<String> CLASHES = ConcurrentHashMap.newKeySet();

    private static final List<Class<?>> OF_THE_CORE = List.of(
            CallState.class,
            Consequence.class,
            Supposed.class,
            Step.class,
            Report.class,
            GaugeView.class,
            JudgementView.class,
            Readings.Typed.class,
            Lexicon.Hit.class,
            Lexicon.Heard.class);

    private static final String REFERENCE = "#/components/schemas/";

    @Bean
    OpenAPI api() {
        return new OpenAPI().info(new Info().title("Grimy Gasket").version("1"));
    }

    @Bean
    ModelConverter records() {
        return new Records();
    }

    /** What the core of the page answers, which is asked of no address; and what one address says as a text. */
    @Bean
    OpenApiCustomizer ofTheCore() {
        return document -> {
            for (var answered : OF_THE_CORE) {
                ModelConverters.getInstance(true)
                        .resolveAsResolvedSchema(new AnnotatedType(answered).resolveAsRef(true))
                        .referencedSchemas
                        .forEach(document.getComponents()::addSchemas);
            }
            document.getPaths()
                    .get("/api/calls/{callId}/state")
                    .getGet()
                    .getResponses()
                    .get("200")
                    .setContent(new Content()
                            .addMediaType(
                                    "application/json",
                                    new MediaType().schema(new Schema<>().$ref(REFERENCE + "CallState"))));
        };
    }

    /** What a record's components say: those that are not nullable are always there. Of a sealed type it is one. */
    private static final class Records implements ModelConverter {
        private final Map<String, List<String>> shapes = new ConcurrentHashMap<>();

        @Override
        @SuppressWarnings("rawtypes")
        public Schema resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            var raw = type.getType() == null
                    ? Object.class
                    : Json.mapper().constructType(type.getType()).getRawClass();
            if (Sentences.FORMS.containsKey(raw)) {
                return context.resolve(new AnnotatedType(Sentences.FORMS.get(raw)).resolveAsRef(true));
            }
            if (raw.isSealed() && SealedTypes.root(raw).isPresent()) {
                return oneOf(raw, context);
            }
            var schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
            if (raw.isRecord() && schema != null && schema.get$ref() != null) {
                complete(raw, context.getDefinedModels().get(schema.get$ref().substring(REFERENCE.length())));
            }
            return schema;
        }

        private static Schema<?> oneOf(Class<?> sealed, ModelConverterContext context) {
            var name = sealed.getSimpleName();
            var reference = new Schema<>().$ref(REFERENCE + name);
            if (context.getDefinedModels().containsKey(name)) {
                return reference;
            }
            var one = new Schema<>().discriminator(new Discriminator().propertyName(SealedTypes.KIND));
            context.defineModel(name, one);
            for (var record : SealedTypes.records(sealed)) {
                context.resolve(new AnnotatedType(record).resolveAsRef(true));
                one.addOneOfItem(new Schema<>().$ref(REFERENCE + record.getSimpleName()));
                one.getDiscriminator().mapping(SealedTypes.name(record), REFERENCE + record.getSimpleName());
            }
            return reference;
        }

        private void complete(Class<?> record, Schema<?> schema) {
            if (schema == null) {
                return;
            }
            var name = record.getSimpleName();
            var members = Arrays.stream(record.getRecordComponents())
                    .map(RecordComponent::toString)
                    .toList();
            if (!shapes.computeIfAbsent(name, first -> members).equals(members)) {
                // The generator swallows what is thrown, and leaves out whatever holds either.
                CLASHES.add("two different records are called " + name + ": " + members + " and " + shapes.get(name));
            }
            var required = new TreeSet<>(members(record)
                    .filter(SealedTypes::isRequired)
                    .map(RecordComponent::getName)
                    .toList());
            if (SealedTypes.root(record).isPresent()) {
                var kind = new StringSchema();
                kind.setEnum(new ArrayList<>(List.of(SealedTypes.name(record))));
                schema.addProperty(SealedTypes.KIND, kind);
                required.add(SealedTypes.KIND);
            }
            schema.addType("object");
            schema.setRequired(List.copyOf(required));
        }

        /** A record's components, and in the place of one that is unwrapped those of its own. */
        private static Stream<RecordComponent> members(Class<?> record) {
            return Arrays.stream(record.getRecordComponents())
                    .flatMap(component -> component.getAccessor().isAnnotationPresent(JsonUnwrapped.class)
                            ? members(component.getType())
                            : Stream.of(component));
        }
    }
}
