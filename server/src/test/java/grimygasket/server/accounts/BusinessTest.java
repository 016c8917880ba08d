package grimygasket.server.accounts;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import grimygasket.server.ServerTest;
import java.time.LocalDate;
import java.time.ZoneId;
import org.testng.annotations.Test;

public class BusinessTest extends ServerTest {
    private static String business(String name, String labour, int volts) {
        return """
                {"name": "%s", "currency": "EUR", "labourPerHour": %s, "returnTripMinutes": 50, "mainsVolts": %d,
                 "zone": "Europe/Lisbon", "address": "", "phone": "", "email": "", "taxNumber": "", "taxPercent": 0,
                 "warrantyMonths": 0, "simulatedMeters": true}
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
        var bad = business("Tidewrack", "66", 230)
                .replace("\"email\": \"\"", "\"email\": \"here\"")
                .replace("\"taxPercent\": 0", "\"taxPercent\": 51");
        for (var member : new String[] {"email", "taxPercent"}) {
            assertNotEquals(
                    lead.put("/api/business", bad)
                            .body()
                            .path("fields")
                            .path(member)
                            .asString(""),
                    "",
                    member);
        }
        var free = lead.put("/api/business", business("Tidewrack", "0", 230));
        assertNotEquals(
                free.body().path("fields").path("labourPerHour").asString(""), "", "parts are weighed against it");
        var foreign = business("Tidewrack", "66", 230).replace("EUR", "USD");
        assertEquals(lead.put("/api/business", foreign).kind(), "invalid");
        var nowhere = lead.put("/api/business", business("Tidewrack", "66", 230).replace("Lisbon", "Atlantis"));
        assertNotEquals(nowhere.body().path("fields").path("zone").asString(""), "", nowhere.toString());
    }

    /** At any time it is another day in the one of them than in the other. */
    @Test
    public void daysAreThoseOfWhereItWorks() {
        var lead = signedIn();
        var before = lead.get("/api/business").body();
        try {
            for (var zone : new String[] {"Pacific/Kiritimati", "Pacific/Pago_Pago"}) {
                lead.put("/api/business", business("Tidewrack", "66", 230).replace("Europe/Lisbon", zone));
                var there = LocalDate.now(ZoneId.of(zone)).toString();
                assertEquals(lead.get("/api/round").body().path("today").asString(), there);
                assertEquals(
                        lead.get("/api/device/next-days").body().path("today").asString(), there);
                var clocks = lead.get("/api/session").body().path("clocks");
                assertEquals(clocks.path("zone").asString(), zone);
                assertEquals(
                        clocks.path("changes").path(0).path("offset").asInt(),
                        zone.endsWith("Kiritimati") ? 840 : -660);
            }
        } finally {
            lead.put("/api/business", before.toString());
        }
    }
}
