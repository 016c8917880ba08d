package grimygasket.server.web;

import java.math.BigDecimal;
import java.math.MathContext;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.Version;
import tools.jackson.databind.AnnotationIntrospector;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.AnnotatedMember;
import tools.jackson.databind.introspect.NopAnnotationIntrospector;

/** What the diagnosis computes travels with four figures: nobody reads more, and most of an answer would be the rest. */
@Configuration
class ShortFigures {
    private static final String COMPUTED = "grimygasket.diagnosis.";
    private static final MathContext FOUR = new MathContext(4);

    @Bean
    JsonMapperBuilderCustomizer withFourFigures() {
        return builder -> builder.annotationIntrospector(
                AnnotationIntrospector.pair(new Introspector(), builder.annotationIntrospector()));
    }

    private static final class Introspector extends NopAnnotationIntrospector {
        @Override
        public Version version() {
            return Version.unknownVersion();
        }

        @Override
        public Object findSerializer(MapperConfig<?> config, Annotated annotated) {
            return annotated instanceof AnnotatedMember member
                            && member.getRawType() == double.class
                            && member.getDeclaringClass().getName().startsWith(COMPUTED)
                    ? FourFigures.class
                    : null;
        }
    }

    /** Writes 0.28571428 as 0.2857. */
    public static final class FourFigures extends ValueSerializer<Double> {
        @Override
        public void serialize(Double value, JsonGenerator out, SerializationContext context) {
            out.writeNumber(
                    Double.isFinite(value) ? new BigDecimal(value).round(FOUR).doubleValue() : value);
        }
    }
}
