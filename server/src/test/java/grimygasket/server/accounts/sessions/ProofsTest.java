package grimygasket.server.accounts.sessions;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import grimygasket.server.ServerTest;
import grimygasket.server.accounts.Rules;
import java.util.UUID;
import org.springframework.http.HttpMethod;
import org.testng.annotations.Test;

/** What an open session alone is not enough for, by the table of rules. */
public class ProofsTest extends ServerTest {
    /** As if some time had gone by since anybody signed in. */
    private void later() {
        jdbc.sql("delete from SPRING_SESSION_ATTRIBUTES where ATTRIBUTE_NAME = 'provedAt'")
                .update();
    }

    private static Answer ask(Client who, Rules.Rule rule) {
        var address = rule.path().replaceAll("\\{[a-zA-Z]+}", UUID.randomUUID().toString());
        return who.send(rule.method().name(), address, "{}", true);
    }

    @Test
    public void whoeverFindsADeviceLyingChangesNobodysKeysPasswordsOrPeople() {
        var owner = signedIn();
        // What is only looked at may go on for ever, as the feed.
        var changing = Rules.ALL.stream()
                .filter(rule -> !rule.method().equals(HttpMethod.GET))
                .toList();
        for (var rule : changing) {
            later();
            var answer = ask(owner, rule);
            boolean signsOut = rule.name().equals("DELETE /api/session");
            if (rule.proof() == Rules.Proof.RECENT) {
                assertEquals(answer.kind(), "proof-needed", rule.name());
                owner.post("/api/session/proof", "{\"password\": \"%s\"}".formatted(PASSWORD));
                assertNotEquals(ask(owner, rule).kind(), "proof-needed", rule.name());
            } else {
                assertNotEquals(answer.kind(), "proof-needed", rule.name());
            }
            if (rule.proof() == Rules.Proof.IN_BODY) {
                assertEquals(answer.kind(), "invalid", rule.name() + " wants the password");
            }
            if (signsOut) {
                owner = signedIn();
            }
        }
    }

    @Test
    public void aPasswordIsNotGuessedThroughAnOpenSession() {
        signedIn().put("/api/colleagues/" + UUID.randomUUID(), """
                {"login": "hedra", "name": "Hedra Voss", "password": "lint-and-limescale", "rank": "TECHNICIAN"}""");
        var left = client();
        left.signIn("hedra", "lint-and-limescale");
        for (int i = 0; i < 8; i++) {
            var body = "{\"now\": \"guess-number-%d\", \"next\": \"gaskets-by-the-dozen\"}".formatted(i);
            assertEquals(left.put("/api/session/password", body).kind(), "invalid");
        }
        assertEquals(
                left.put(
                                "/api/session/password",
                                "{\"now\": \"lint-and-limescale\", \"next\": \"gaskets-by-the-dozen\"}")
                        .kind(),
                "too-many-tries",
                "the right one comes too late");
        assertEquals(left.post("/api/session/proof", "{\"password\": \"x\"}").kind(), "too-many-tries");
    }

    @Test
    public void anOwnersOwnPasswordIsNotSetByTheDoorForColleagues() {
        var owner = signedIn();
        var me = owner.get("/api/session").body().path("id").asString();
        var body =
                "{\"login\": \"maren\", \"name\": \"Maren\", \"password\": \"taken-over-by-me\", \"rank\": \"OWNER\"}";
        assertEquals(owner.put("/api/colleagues/" + me, body).kind(), "invalid");
        assertEquals(signedIn().get("/api/session").status(), 200, "with the old one");
    }
}
