package grimygasket.server.older;

import com.fasterxml.jackson.annotation.JsonAlias;
import grimygasket.gauge.Readings.Typed;
import grimygasket.units.Amount;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Reads what a device has sent that still runs the version before: the standard uncertainty of a reading was called its spread. */
@Configuration
class OlderCommands {
    private static final String BEFORE = "spread";

    private record UncertainAmount(@JsonAlias(BEFORE) double standardUncertainty) {}

    private record UncertainlyTyped(@JsonAlias(BEFORE) Double standardUncertainty) {}

    @Bean
    JsonMapperBuilderCustomizer asDevicesSaidBefore() {
        return builder ->
                builder.addMixIn(Amount.class, UncertainAmount.class).addMixIn(Typed.class, UncertainlyTyped.class);
    }
}
