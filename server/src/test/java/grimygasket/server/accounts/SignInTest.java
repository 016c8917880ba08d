package grimygasket.server.accounts;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.util.List;
import java.util.UUID;
import org.springframework.dao.DataAccessException;
import org.testng.annotations.Test;

public class SignInTest extends ServerTest {
    @Test
    public void nothingIsShownBeforeSigningIn() {
        for (var path : new String[] {"/api/session", "/api/round", "/api/customers?search=a", "/v3/api-docs"}) {
            var answer = client().get(path);
            assertEquals(answer.status(), 401, path);
            assertEquals(answer.kind(), "sign-in-needed", path);
        }
    }

    @Test
    public void aWrongPasswordIsSaidWithoutSayingWhichWasWrong() {
        var wrongPassword = client().signIn("maren", "wrong");
        var wrongName = client().signIn("nobody", PASSWORD);
        assertEquals(wrongPassword.kind(), "wrong-sign-in");
        assertEquals(wrongName.detail(), wrongPassword.detail());
    }

    @Test
    public void aSessionLastsUntilSigningOut() {
        var client = signedIn();
        var session = client.get("/api/session");
        assertEquals(session.body().path("name").asString(), "Maren Tolliver");
        assertEquals(client.delete("/api/session").status(), 204);
        assertEquals(client.get("/api/session").status(), 401);
    }

    @Test
    public void aChangeWithoutTheTokenIsRefused() {
        var client = signedIn();
        var answer = client.send("DELETE", "/api/session", null, false);
        assertEquals(answer.status(), 403);
        assertEquals(answer.kind(), "page-too-old");
        assertEquals(client.get("/api/session").status(), 200);
    }

    @Test
    public void guessingIsSlowedDown() {
        var client = client();
        for (int i = 0; i < 8; i++) {
            assertEquals(client.signIn("guessed", "wrong" + i).kind(), "wrong-sign-in");
        }
        assertEquals(client.signIn("guessed", "wrong").status(), 429);
        assertEquals(client().signIn("maren", PASSWORD).status(), 204, "others are not slowed down");
    }

    @Test
    public void everySpellingOfANameAndOfTheAddressCountsAsOne() {
        var lead = signedIn();
        lead.put(
                "/api/colleagues/" + UUID.randomUUID(),
                "{\"login\": \"zoe\", \"name\": \"Zoe Larch\", \"password\": \"lint-and-limescale\", \"rank\": \"TECHNICIAN\"}");
        var own = client();
        assertEquals(own.signIn("zoe", "lint-and-limescale").status(), 204);
        var spellings = List.of("zoe", "ZOE", "Zoë", "zöe", "zoe%20", "Zoé", "ｚｏｅ", "zOE");
        spellings.forEach(login -> assertEquals(client().signIn(login, "wrong").kind(), "wrong-sign-in", login));
        assertEquals(client().signIn("žoe", "lint-and-limescale").status(), 429);
        var other = client();
        other.get("/api/session");
        assertEquals(other.post("/api/%73ession", "login=zoe&password=wrong").status(), 429);
        assertEquals(
                client().onDeviceOf(own).signIn("zoe", "lint-and-limescale").status(),
                429,
                "who names their device is not there yet");
        assertEquals(
                own.signIn("zoe", "lint-and-limescale").status(), 204, "where they have signed in before they get in");
    }

    @Test
    public void headersAreStrictAndCookiesGuarded() {
        var client = client();
        client.get("/api/session");
        var answer = client.signIn("maren", PASSWORD);
        var headers = answer.response().headers();
        var policy = headers.firstValue("Content-Security-Policy").orElse("");
        assertTrue(policy.startsWith("default-src 'none'; script-src 'self' 'wasm-unsafe-eval';"), policy);
        assertFalse(policy.contains("'unsafe-"), policy);
        assertEquals(headers.firstValue("X-Content-Type-Options").orElse(""), "nosniff");
        assertEquals(headers.firstValue("Referrer-Policy").orElse(""), "no-referrer");
        var session = headers.allValues("Set-Cookie").stream()
                .filter(cookie -> cookie.startsWith("GASKET="))
                .findFirst()
                .orElseThrow();
        assertTrue(session.contains("HttpOnly") && session.contains("SameSite=Strict"), session);
    }

    @Test
    public void passwordsAreKeptHashed() {
        var stored = jdbc.sql("select password from account where login = 'maren'")
                .query(String.class)
                .single();
        assertTrue(stored.startsWith("{bcrypt}"), stored);
    }

    @Test
    public void theApplicationMayNotChangeTheSchema() {
        try {
            jdbc.sql("create table intruder (id int)").update();
        } catch (DataAccessException e) {
            assertTrue(e.getMostSpecificCause().getMessage().contains("denied"), e.getMessage());
            return;
        }
        throw new AssertionError("the application's database user could create a table");
    }
}
