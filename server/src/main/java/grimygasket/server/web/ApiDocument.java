package grimygasket.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI document: what its generator cannot see. */
@Configuration
class ApiDocument {
    /** Members that may be missing, being null in Java, in every schema or in one; all others are always there. */
    private static final Set<String> OPTIONAL = Set.of(
            "within",
            "blockedUpTo",
            "layer",
            "danger",
            "group",
            "NewCall.visitId",
            "Supposition.maker",
            "Import.pack",
            "Import.codes",
            "leader",
            "next",
            "closedAt",
            "signOff",
            "advice",
            "startedAt",
            "likeliest",
            "reason",
            "turn",
            "orientation",
            "Laid.piece",
            "Condition.before",
            "Condition.after",
            "ProofRun.before",
            "ProofRun.after",
            "Reading.least",
            "Reading.most",
            "Check.known",
            "Outcome.because",
            "Sign.alarm",
            "spare",
            "meanwhile",
            "Hit.choice",
            "NewEntry.complaint",
            "CallView.family",
            "NumberView.source",
            "sinceDays",
            "reading",
            "light",
            "nextUse",
            "Check.phone",
            "Instruction.why",
            "Instruction.use",
            "Instruction.stopIf",
            "Instruction.minutes",
            "drawing",
            "licensed",
            "Pack.water",
            "closedBy",
            "earlier",
            "standing",
            "follows",
            "Measure.station",
            "Measure.normal",
            "Level.plate",
            "gauge",
            "meter",
            "Check.measure",
            "Reading.quantity",
            "Reading.check",
            "measured",
            "Entry.spread",
            "Typed.unit",
            "Typed.spread",
            "Written.text",
            "Written.unit",
            "Written.spread",
            "Entered.call",
            "CallView.upkeep",
            "Note.minutes",
            "NewCall.upkeep",
            "Task.daysLeft",
            "Task.layer",
            "Machine.ratings",
            "InputView.usual",
            "rating",
            "between",
            "other",
            "picture",
            "steady");

    @Bean
    OpenAPI api() {
        return new OpenAPI().info(new Info().title("Grimy Gasket").version("1"));
    }

    @Bean
    OpenApiCustomizer everythingElseIsRequired() {
        return api -> {
            // The address of the server that happened to write the document says nothing.
            api.setServers(null);
            api.getComponents().getSchemas().forEach(ApiDocument::require);
        };
    }

    private static void require(String schemaName, Schema<?> schema) {
        if (schema.getProperties() != null) {
            schema.setRequired(schema.getProperties().keySet().stream()
                    .filter(name -> !OPTIONAL.contains(name) && !OPTIONAL.contains(schemaName + "." + name))
                    .sorted()
                    .toList());
        }
    }
}
