package grimygasket.server.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import org.testng.annotations.Test;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.node.ObjectNode;

public class ApiDocumentTest extends ServerTest {
    private static final Path COMMITTED = Path.of("../docs/openapi.json");
    private static final Path GENERATED = Path.of("target/openapi.json");

    @Test
    public void theCommittedDocumentIsTheGeneratedOne() throws IOException {
        var generated = ((ObjectNode) signedIn().get("/v3/api-docs").body());
        assertEquals(ApiDocument.CLASHES, Set.of());
        // Where it runs here says nothing.
        generated.remove("servers");
        Files.writeString(
                GENERATED,
                json.rebuild()
                                .enable(SerializationFeature.INDENT_OUTPUT)
                                .build()
                                .writeValueAsString(generated)
                        + "\n");
        assertTrue(
                json.readTree(Files.readString(COMMITTED)).equals(generated),
                "The interface has changed: cp server/target/openapi.json docs/openapi.json");
    }

    @Test
    public void everyViewLeadsToThePage() {
        for (var path :
                new String[] {"/", "/round", "/round/2026-01-01", "/calls/some-id", "/know-how/dishwasher", "/settings"
                }) {
            assertEquals(client().get(path).status(), 200, path);
        }
        assertEquals(client().get("/nothing-here").status(), 404);
    }
}
