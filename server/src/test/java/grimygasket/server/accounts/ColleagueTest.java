package grimygasket.server.accounts;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.util.UUID;
import org.testng.annotations.Test;

/** Who works for the business. */
public class ColleagueTest extends ServerTest {
    private static String body(String login, String password, boolean lead) {
        return """
                {"login": "%s", "name": "Wenna Sparrow", "password": "%s", "lead": %s}
                """.formatted(login, password, lead);
    }

    @Test
    public void theLeadAddsSomebodyWhoCanThenSignIn() {
        var lead = signedIn();
        var path = "/api/colleagues/" + UUID.randomUUID();
        assertTrue(lead.put(path, body("wenna", "lint-and-limescale", false))
                .body()
                .toString()
                .contains("Wenna Sparrow"));
        var wenna = client();
        assertEquals(wenna.signIn("wenna", "lint-and-limescale").status(), 204);
        assertEquals(wenna.get("/api/session").body().path("lead").asBoolean(), false);

        lead.put(path, body("wenna", "another-password", false));
        assertEquals(client().signIn("wenna", "lint-and-limescale").kind(), "wrong-sign-in", "the old one is out");
        assertEquals(client().signIn("wenna", "another-password").status(), 204);
        assertEquals(
                lead.put("/api/colleagues/" + UUID.randomUUID(), body("wenna", "yet-another-one", false))
                        .kind(),
                "invalid");
        assertEquals(lead.put(path, body("wenna", "short", false)).kind(), "invalid");
    }

    @Test
    public void aTechnicianAddsNobodyAndTheLeadStaysOne() {
        var technician = signedIn("rollo");
        var refused =
                technician.put("/api/colleagues/" + UUID.randomUUID(), body("intruder", "long-enough-password", true));
        assertEquals(refused.status(), 403);
        assertEquals(refused.kind(), "not-yours");
        var lead = signedIn();
        var me = lead.get("/api/session").body().path("id").asString();
        assertEquals(
                lead.put("/api/colleagues/" + me, body("maren", PASSWORD, false))
                        .kind(),
                "invalid");
    }
}
