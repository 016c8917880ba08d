package grimygasket.server.older;

import com.fasterxml.jackson.annotation.JsonAlias;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.gauge.Readings.Typed;
import grimygasket.units.Amount;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.deser.DeserializationProblemHandler;
import tools.jackson.databind.jsontype.TypeIdResolver;

/**
 * Reads what a device has sent that still runs the version before: the standard uncertainty of a reading was called its spread, and a
 * symptom a sign.
 */
@Configuration
class OlderCommands {
    private record UncertainAmount(@JsonAlias("spread") double standardUncertainty) {}

    private record UncertainlyTyped(@JsonAlias("spread") Double standardUncertainty) {}

    private record SignSettled(@JsonAlias("sign") String symptom) {}

    private static final class OlderKind extends DeserializationProblemHandler {
        @Override
        public JavaType handleUnknownTypeId(
                DeserializationContext context, JavaType base, String kind, TypeIdResolver resolver, String why) {
            return kind.equals("sign-settled") && base.getRawClass().isAssignableFrom(SymptomSettled.class)
                    ? context.constructType(SymptomSettled.class)
                    : null;
        }
    }

    @Bean
    JsonMapperBuilderCustomizer asDevicesSaidBefore() {
        return builder -> builder.addMixIn(Amount.class, UncertainAmount.class)
                .addMixIn(Typed.class, UncertainlyTyped.class)
                .addMixIn(SymptomSettled.class, SignSettled.class)
                .addHandler(new OlderKind());
    }
}
