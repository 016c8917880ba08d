package grimygasket.server.accounts;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.util.UUID;
import org.testng.annotations.Test;

/** Who works for the business. */
public class ColleagueTest extends ServerTest {
    private static String body(String login, String password, Rank rank) {
        return """
                {"login": "%s", "name": "Wenna Sparrow", "password": "%s", "rank": "%s"}
                """.formatted(login, password, rank);
    }

    @Test
    public void theOwnerAddsSomebodyWhoCanThenSignIn() {
        var lead = signedIn();
        var path = "/api/colleagues/" + UUID.randomUUID();
        assertTrue(lead.put(path, body("wenna", "lint-and-limescale", Rank.TECHNICIAN))
                .body()
                .toString()
                .contains("Wenna Sparrow"));
        var wenna = client();
        assertEquals(wenna.signIn("wenna", "lint-and-limescale").status(), 204);
        assertEquals(wenna.get("/api/session").body().path("lead").asBoolean(), false);

        lead.put(path, body("wenna", "another-password", Rank.TECHNICIAN));
        assertEquals(client().signIn("wenna", "lint-and-limescale").kind(), "wrong-sign-in", "the old one is out");
        assertEquals(client().signIn("wenna", "another-password").status(), 204);
        assertEquals(
                lead.put("/api/colleagues/" + UUID.randomUUID(), body("wenna", "yet-another-one", Rank.TECHNICIAN))
                        .kind(),
                "invalid");
        assertEquals(lead.put(path, body("wenna", "short", Rank.TECHNICIAN)).kind(), "invalid");
    }

    @Test
    public void whoeverIsLockedOutIsOutAtOnceAndCanBeLetInAgain() {
        var lead = signedIn();
        var path = "/api/colleagues/" + UUID.randomUUID();
        lead.put(path, body("ossian", "lint-and-limescale", Rank.TECHNICIAN));
        var phone = client();
        phone.signIn("ossian", "lint-and-limescale");
        assertEquals(phone.get("/api/session").status(), 200);

        var people = lead.put(path + "/locked", "{\"locked\": true}").body().toString();
        assertTrue(people.contains("\"locked\":true"), people);
        assertEquals(phone.get("/api/session").kind(), "device-lost", "what it keeps is to be forgotten");
        assertEquals(client().signIn("ossian", "lint-and-limescale").kind(), "wrong-sign-in");

        lead.put(path + "/locked", "{\"locked\": false}");
        assertEquals(client().signIn("ossian", "lint-and-limescale").status(), 204);
        var me = lead.get("/api/session").body().path("id").asString();
        assertEquals(
                lead.put("/api/colleagues/" + me + "/locked", "{\"locked\": true}")
                        .kind(),
                "invalid");
    }

    @Test
    public void aNewPasswordOrRankEndsTheSessionsOfBefore() {
        var lead = signedIn();
        var path = "/api/colleagues/" + UUID.randomUUID();
        lead.put(path, body("briony", "lint-and-limescale", Rank.LEAD));
        var desk = client();
        desk.signIn("briony", "lint-and-limescale");
        lead.put(path, body("briony", "lint-and-limescale", Rank.TECHNICIAN));
        assertEquals(desk.get("/api/session").kind(), "sign-in-needed", "as a lead they are out");
    }

    @Test
    public void onesOwnPasswordIsChangedByWhoeverKnowsIt() {
        signedIn().put("/api/colleagues/" + UUID.randomUUID(), body("nerys", "lint-and-limescale", Rank.TECHNICIAN));
        var here = client();
        here.signIn("nerys", "lint-and-limescale");
        var elsewhere = client();
        elsewhere.signIn("nerys", "lint-and-limescale");
        var change = "{\"now\": \"%s\", \"next\": \"%s\"}";
        var wrong = here.put("/api/session/password", change.formatted("limescale-and-lint", "gaskets-by-the-dozen"));
        assertEquals(wrong.body().path("fields").path("now").asString(), "This is not your password.");
        var common = here.put("/api/session/password", change.formatted("lint-and-limescale", "password123"));
        assertTrue(common.body().path("fields").has("next"), common.body().toString());
        assertEquals(
                here.put("/api/session/password", change.formatted("lint-and-limescale", "gaskets-by-the-dozen"))
                        .status(),
                200);
        assertEquals(here.get("/api/session").status(), 200);
        assertEquals(elsewhere.get("/api/session").status(), 401);
        assertEquals(client().signIn("nerys", "gaskets-by-the-dozen").status(), 204);
    }

    @Test
    public void theOwnerSaysWhatSomebodyIsQualifiedForAndTheirCallsAreHeldAgainstIt() {
        var lead = signedIn();
        var path = "/api/colleagues/" + UUID.randomUUID();
        lead.put(path, body("linnet", "lint-and-limescale", Rank.TECHNICIAN));
        var phone = client();
        phone.signIn("linnet", "lint-and-limescale");
        assertEquals(held(phone), "[]", "nobody is until it is said");

        var one = "{\"competence\": \"%s\", \"since\": \"%s\", \"until\": %s, \"proof\": \"%s\"}";
        var gas = one.formatted("GAS", "2025-03-01", "null", "Register 17");
        var ended = one.formatted("ELECTRICAL", "2020-01-01", "\"2023-01-01\"", "Certificate 4");
        var people = lead.put(path + "/qualifications", all(gas, ended));
        assertTrue(
                people.body().toString().contains("Register 17"), people.body().toString());
        assertEquals(held(phone), "[\"GAS\"]", "what has ended is not held");
        assertEquals(lead.put(path + "/qualifications", all(gas, gas)).kind(), "invalid");
        var backwards = one.formatted("GAS", "2025-03-01", "\"2024-03-01\"", "Register 17");
        assertEquals(lead.put(path + "/qualifications", all(backwards)).kind(), "invalid");
        var unproved = lead.put(path + "/qualifications", all(one.formatted("GAS", "2025-03-01", "null", " ")));
        assertTrue(
                unproved.body().path("fields").has("all[0].proof"),
                unproved.body().toString());
        assertEquals(phone.put(path + "/qualifications", all(gas)).kind(), "not-yours");

        lead.put(path + "/qualifications", all());
        assertEquals(held(phone), "[]");
    }

    private static String all(String... qualifications) {
        return "{\"all\": [" + String.join(", ", qualifications) + "]}";
    }

    /** What somebody's device is told that they are qualified for. */
    private static String held(Client client) {
        return client.get("/api/device/next-days")
                .body()
                .path("kinds")
                .path(0)
                .path("circumstances")
                .path("competences")
                .toString();
    }

    @Test
    public void aTechnicianAddsNobodyAndTheOwnerStaysOne() {
        var technician = signedIn("rollo");
        var refused = technician.put(
                "/api/colleagues/" + UUID.randomUUID(), body("intruder", "long-enough-password", Rank.LEAD));
        assertEquals(refused.status(), 403);
        assertEquals(refused.kind(), "not-yours");
        var lead = signedIn();
        var me = lead.get("/api/session").body().path("id").asString();
        assertEquals(
                lead.put("/api/colleagues/" + me, body("maren", PASSWORD, Rank.LEAD))
                        .kind(),
                "invalid");
    }
}
