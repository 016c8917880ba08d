package grimygasket.server.accounts.passkeys;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.util.UUID;
import org.testng.annotations.Test;

/** What a passkey keeps out; that one lets in is tried in the browser, which holds a real one. */
public class PasskeysTest extends ServerTest {
    private static final String NONSENSE =
            "{\"id\": \"AAAA\", \"rawId\": \"AAAA\", \"type\": \"public-key\", \"response\": {}}";

    /** Somebody with a passkey that nobody holds. */
    private String withPasskey() {
        var login = "key-" + UUID.randomUUID().toString().substring(0, 8);
        letIn(UUID.randomUUID(), login);
        jdbc.sql("""
                        insert into user_credentials (credential_id, user_entity_user_id, public_key, signature_count, uv_initialized,
                            backup_eligible, backup_state, public_key_credential_type, authenticator_transports, created, last_used, label)
                        select login, to_base64(cast(id as char)), 'x', 0, false, false, false, 'public-key', 'usb',
                            now(), now(), 'The key on my ring'
                        from account where login = :login
                        """).param("login", login).update();
        return login;
    }

    private void letIn(UUID id, String login) {
        var put = signedIn().put("/api/colleagues/" + id, """
                {"login": "%s", "name": "Ottilie Brandt", "password": "%s", "rank": "OWNER"}
                """.formatted(login, PASSWORD));
        assertEquals(put.status(), 200, put.detail());
    }

    @Test
    public void thePasswordAloneOpensNothing() {
        var client = client().byName();
        var asked = client.signIn(withPasskey(), PASSWORD);
        assertEquals(asked.status(), 200);
        assertEquals(asked.body().path("rpId").asString(), "localhost");
        assertEquals(asked.body().path("allowCredentials").size(), 1);
        assertEquals(client.get("/api/session").kind(), "sign-in-needed");
        assertEquals(client.get("/api/round").kind(), "sign-in-needed");
        assertEquals(client.post("/api/commands", "{}").kind(), "sign-in-needed");
        assertEquals(client.post("/api/session/passkeys/options", "{}").kind(), "sign-in-needed");
        assertEquals(client.post("/api/session/passkey", NONSENSE).kind(), "wrong-sign-in");
        assertEquals(client.get("/api/session").kind(), "sign-in-needed");
    }

    @Test
    public void byANumberWhoeverHasOneIsToldToComeByTheName() {
        var client = client();
        var refused = client.signIn(withPasskey(), PASSWORD);
        assertEquals(refused.kind(), "invalid");
        assertTrue(refused.detail().contains("by its name"), refused.detail());
        assertEquals(client.get("/api/session").kind(), "sign-in-needed");
    }

    @Test
    public void anOwnersNewPasswordTakesPasskeysAway() {
        var login = withPasskey();
        var id = jdbc.sql("select id from account where login = :login")
                .param("login", login)
                .query(UUID.class)
                .single();
        letIn(id, login);
        var client = client();
        assertEquals(client.signIn(login, PASSWORD).status(), 204);
        assertEquals(client.get("/api/session/passkeys").body().size(), 0);
    }

    @Test
    public void nonsenseIsNoPasskeyAndAChallengeIsAnsweredOnce() {
        var stranger = client().byName();
        stranger.get("/api/session");
        assertEquals(stranger.post("/api/session/passkey", NONSENSE).kind(), "sign-in-needed");
        var client = client().byName();
        client.signIn("maren", PASSWORD);
        assertEquals(client.post("/api/session/passkeys/options", "").status(), 200);
        var made = "{\"password\": \"%s\", \"label\": \"Key\", \"credential\": %s}".formatted(PASSWORD, NONSENSE);
        assertEquals(client.post("/api/session/passkeys", made).kind(), "wrong-sign-in");
        assertEquals(client.post("/api/session/passkeys", made).kind(), "wrong-sign-in");
        assertEquals(client.delete("/api/session/passkeys/AAAA").kind(), "not-found");
        assertEquals(client.get("/api/session/passkeys").body().size(), 0);
    }
}
