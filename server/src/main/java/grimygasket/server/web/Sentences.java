package grimygasket.server.web;

import grimygasket.diagnosis.plan.StepReason;
import grimygasket.visit.ring.Gap;
import grimygasket.wording.Missing;
import grimygasket.wording.StepReasons;
import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;

/** What the core says as data travels with its sentence. */
@Configuration
public class Sentences {
    /** What of the core's data travels in another form, and in which. */
    public static final Map<Class<?>, Class<?>> FORMS =
            Map.of(StepReason.class, String.class, Gap.class, Missing.class);

    @Bean
    JacksonModule saidInEnglish() {
        return new SimpleModule()
                .addSerializer(StepReason.class, new ValueSerializer<>() {
                    @Override
                    public void serialize(StepReason reason, JsonGenerator out, SerializationContext context) {
                        out.writeString(StepReasons.say(reason));
                    }
                })
                .addSerializer(Gap.class, new ValueSerializer<>() {
                    @Override
                    public void serialize(Gap gap, JsonGenerator out, SerializationContext context) {
                        out.writePOJO(Missing.of(gap));
                    }
                });
    }
}
