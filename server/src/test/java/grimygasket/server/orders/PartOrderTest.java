package grimygasket.server.orders;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.util.UUID;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** From the order list over an order to what comes: nothing is ordered, or counted, twice. */
public class PartOrderTest extends ServerTest {
    private static final String MAREN = "0193a000-0000-7000-8000-000000000001";
    private static final String STORE = "00000000-0000-0000-0000-000000000000";

    private static UUID added(Client lead, int minimum) {
        var id = UUID.randomUUID();
        assertEquals(
                lead.put("/api/parts/" + id, """
                        {"id": "%s", "number": "O-%.12s", "name": "Hose clip", "kind": "", "fits": "", "price": 2.50, "replaces": "",
                         "supplier": "Quay Trade Counter", "place": "", "minimum": %d, "version": 0}
                        """.formatted(id, id, minimum)).status(), 200);
        return id;
    }

    private static String some(UUID part, int count) {
        return "{\"part\": \"%s\", \"count\": %d}".formatted(part, count);
    }

    private static Answer ordered(Client lead, UUID order, UUID part, int count) {
        return lead.put(
                "/api/orders/" + order,
                "{\"supplier\": \"Quay Trade Counter\", \"lines\": [%s]}".formatted(some(part, count)));
    }

    private static Answer arrived(Client client, UUID order, UUID arrival, String van, UUID part, int count) {
        return client.post(
                "/api/orders/" + order + "/arrivals",
                "{\"id\": \"%s\", \"van\": \"%s\", \"lines\": [%s]}".formatted(arrival, van, some(part, count)));
    }

    private static boolean isOpen(Client client, UUID order) {
        return client.get("/api/orders").body().toString().contains(order.toString());
    }

    private void simulated(boolean on) {
        jdbc.sql("update business set simulated_meters = :on").param("on", on).update();
    }

    @AfterMethod
    public void asItWas() {
        simulated(true);
    }

    @Test
    public void whatIsOrderedIsNotOrderedAgainAndComesOnce() {
        simulated(false);
        var lead = signedIn();
        var part = added(lead, 5);
        assertEquals(OrderList.wanted(lead, part), 5);
        var order = UUID.randomUUID();
        var first = ordered(lead, order, part, 5).body().path("lines").path(0);
        assertEquals(ordered(lead, order, part, 5).status(), 200, "sent twice it is one order");
        assertTrue(
                first.path("promised").isMissingNode() || first.path("promised").isNull(), first.toString());
        assertEquals(OrderList.wanted(lead, part), 0);
        assertTrue(isOpen(lead, order));

        var box = UUID.randomUUID();
        for (int sent = 0; sent < 2; sent++) {
            var line = arrived(lead, order, box, STORE, part, 2)
                    .body()
                    .path("lines")
                    .path(0);
            assertEquals(line.path("coming").asInt(), 3);
        }
        assertEquals(lead.get("/api/parts/" + part + "/moves").body().size(), 1, "the box has come once");
        assertEquals(OrderList.wanted(lead, part), 0);

        lead.put("/api/orders/" + order + "/promised", "{\"day\": \"2031-05-06\"}");
        assertTrue(lead.get("/api/orders").body().toString().contains("2031-05-06"));
        assertEquals(lead.delete("/api/orders/" + order + "/rest").status(), 200);
        assertEquals(OrderList.wanted(lead, part), 3, "what will not come is wanted again");
        assertTrue(!isOpen(lead, order));
    }

    @Test
    public void theSimulatedSupplierAnswersAtOnceAndSaysWhatItIs() {
        var lead = signedIn();
        var part = added(lead, 4);
        var order = UUID.randomUUID();
        var said = ordered(lead, order, part, 4).body();
        assertTrue(said.path("simulated").asBoolean());
        var line = said.path("lines").path(0);
        assertTrue(line.path("promised").isString(), line.toString());
        int inBox = line.path("inBox").asInt();
        assertTrue(inBox == 2 || inBox == 4, line.toString());
        var rest = arrived(lead, order, UUID.randomUUID(), MAREN, part, 1)
                .body()
                .path("lines")
                .path(0);
        assertEquals(rest.path("coming").asInt(), 3);
        assertEquals(rest.path("inBox").asInt(), 3, "the rest comes at once");
    }

    @Test
    public void whoIsNotTheLeadTakesInOnlyOntoTheirVan() {
        var lead = signedIn();
        var part = added(lead, 1);
        var order = UUID.randomUUID();
        ordered(lead, order, part, 1);
        var rollo = signedIn("rollo");
        assertEquals(ordered(rollo, UUID.randomUUID(), part, 1).kind(), "not-yours");
        assertEquals(arrived(rollo, order, UUID.randomUUID(), STORE, part, 1).kind(), "not-yours");
        var own = rollo.get("/api/session").body().path("id").asString();
        assertEquals(arrived(rollo, order, UUID.randomUUID(), own, part, 1).status(), 200);
    }

    @Test
    public void whatCannotBeIsRefused() throws Exception {
        var lead = signedIn();
        var part = added(lead, 1);
        var order = UUID.randomUUID();
        assertEquals(ordered(lead, order, UUID.randomUUID(), 1).kind(), "invalid");
        assertEquals(lead.get("/api/orders/" + order + "/order.xml").kind(), "not-found", "nothing of it was kept");
        assertEquals(ordered(lead, order, part, 0).kind(), "invalid");
        var twice = "{\"supplier\": \"S\", \"lines\": [%1$s, %1$s]}".formatted(some(part, 1));
        assertEquals(lead.put("/api/orders/" + order, twice).kind(), "invalid");
        ordered(lead, order, part, 1);
        var other = arrived(lead, order, UUID.randomUUID(), STORE, added(lead, 1), 1);
        assertEquals(other.kind(), "invalid");
        var document =
                lead.get("/api/orders/" + order + "/order.xml").response().body();
        OrderDocumentTest.valid(document);
        assertTrue(document.contains("Quay Trade Counter"), document);
    }
}
