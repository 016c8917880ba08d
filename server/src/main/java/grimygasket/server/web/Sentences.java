package grimygasket.server.web;

import grimygasket.diagnosis.StepReason;
import grimygasket.wording.StepReasons;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;

/** What the core says as data travels as its sentence. */
@Configuration
class Sentences {
    @Bean
    JacksonModule saidInEnglish() {
        return new SimpleModule().addSerializer(StepReason.class, new ValueSerializer<>() {
            @Override
            public void serialize(StepReason reason, JsonGenerator out, SerializationContext context) {
                out.writeString(StepReasons.say(reason));
            }
        });
    }
}
