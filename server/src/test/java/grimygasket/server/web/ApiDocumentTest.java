package grimygasket.server.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
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
    public void everyViewLeadsToThePage() throws IOException {
        var routes = Pattern.compile("path: '(/[a-z-]*)")
                .matcher(Files.readString(Path.of("../web/src/router.ts")))
                .results()
                .map(route -> route.group(1))
                .collect(Collectors.toSet());
        assertTrue(routes.containsAll(List.of("/round", "/shelf", "/settings")), routes.toString());
        for (var route : routes) {
            assertEquals(client().get(route).status(), 200, route);
        }
        routes.remove("/");
        for (var route : routes) {
            assertEquals(client().get(route + "/more").status(), 200, route);
        }
        assertEquals(client().get("/nothing-here").status(), 404);
    }
}
