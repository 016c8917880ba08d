package grimygasket.server.documents;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.server.web.TextGate;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads the file of a call; refuses a bad one whole, with all that is wrong with it. */
final class CallDocumentReader {
    private static final int MOST_PROBLEMS = 20;

    private final JsonMapper json;
    private final Schema schema;

    CallDocumentReader(JsonMapper json) {
        this.json = json;
        try {
            var text = new ClassPathResource("call/call.schema.json").getContentAsString(StandardCharsets.UTF_8);
            schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    CallDocument read(byte[] bytes) {
        var tree = tree(bytes);
        var errors = schema.validate(tree);
        if (!errors.isEmpty()) {
            throw new Problem(Kind.INVALID, "This is not the file of a call as Grimy Gasket writes it.")
                    .with(
                            "problems",
                            errors.stream()
                                    .map(CallDocumentReader::sentence)
                                    .limit(MOST_PROBLEMS)
                                    .toList());
        }
        var machine = (ObjectNode) tree.path("machine");
        if (!machine.has("ratings")) {
            machine.putObject("ratings");
        }
        return json.treeToValue(tree, CallDocument.class);
    }

    private JsonNode tree(byte[] bytes) {
        try {
            var tree = json.readTree(bytes);
            TextGate.requireTexts(tree);
            return OlderCalls.today(tree);
        } catch (JacksonException e) {
            throw new Problem(Kind.INVALID, "This file cannot be read: it is not JSON.");
        }
    }

    private static String sentence(Error error) {
        return error.getInstanceLocation() + ": " + error.getMessage();
    }
}
