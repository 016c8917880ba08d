package grimygasket.server.documents;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import grimygasket.server.calls.Calls;
import java.util.UUID;
import org.testng.annotations.Test;

/** All that is kept of a customer, given out as one file. */
public class CustomerDocumentTest extends ServerTest {
    @Test
    public void everyCallIsInItAndCanBeTakenInAgainOnceTheyAreErased() {
        var owner = signedIn();
        var call = Calls.add(owner);
        call.complain(UUID.randomUUID(), "Smells of eggs");
        var customer = call.held().body().path("customer").path("id").asString();
        var answer = owner.get("/api/customers/" + customer + "/customer.json");
        assertTrue(answer.response()
                .headers()
                .firstValue("Content-Disposition")
                .orElse("")
                .contains("customer-" + customer + ".json"));
        var document = answer.body();
        assertEquals(document.path("format").asString(), "grimy-gasket-customer");
        assertEquals(document.path("customer").path("name").asString(), "Tess Orrin");
        assertEquals(document.path("calls").size(), 1);
        var file = document.path("calls").path(0);
        assertEquals(file, owner.get(call.path + "/call.json").body());

        owner.delete("/api/customers/" + customer);
        assertEquals(owner.get("/api/customers/" + customer + "/customer.json").kind(), "not-found");
        assertEquals(owner.post("/api/call-documents", file.toString()).status(), 200);
        assertEquals(call.get().body().path("complaints").size(), 2);
    }
}
