package grimygasket.server.accounts;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import grimygasket.server.ServerTest;
import org.testng.annotations.Test;

public class BusinessTest extends ServerTest {
    private static String business(String name, String labour, int volts) {
        return """
                {"name": "%s", "currency": "EUR", "labourPerHour": %s, "returnTripMinutes": 50, "mainsVolts": %d}
                """.formatted(name, labour, volts);
    }

    @Test
    public void theLeadChangesWhatIsReckonedWith() {
        var lead = signedIn();
        assertEquals(client().get("/api/business").status(), 401);
        var before = lead.get("/api/business").body();
        assertEquals(before.path("mainsVolts").asInt(), 230);
        assertEquals(
                signedIn("rollo").put("/api/business", before.toString()).kind(), "not-yours", "a technician may not");
        try {
            var kept = lead.put("/api/business", business("Tidewrack & Daughters", "71.50", 120));
            assertEquals(kept.status(), 200, kept.body().toString());
            assertEquals(lead.get("/api/session").body().path("business").asString(), "Tidewrack & Daughters");
        } finally {
            lead.put("/api/business", before.toString());
        }
        assertEquals(lead.get("/api/business").body(), before);
    }

    @Test
    public void whatCannotBeIsRefusedMemberByMember() {
        var lead = signedIn();
        var refused = lead.put("/api/business", business(" ", "-1", 12)).body();
        for (var member : new String[] {"name", "labourPerHour", "mainsVolts"}) {
            assertNotEquals(refused.path("fields").path(member).asString(""), "", refused.toString());
        }
        var free = lead.put("/api/business", business("Tidewrack", "0", 230));
        assertNotEquals(
                free.body().path("fields").path("labourPerHour").asString(""), "", "parts are weighed against it");
        var foreign = business("Tidewrack", "66", 230).replace("EUR", "USD");
        assertEquals(lead.put("/api/business", foreign).kind(), "invalid");
    }
}
