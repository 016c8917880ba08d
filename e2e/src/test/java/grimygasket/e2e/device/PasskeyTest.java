package grimygasket.e2e.device;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.Gson;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Page;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.installation.Installation;
import grimygasket.e2e.installation.Script;
import java.io.IOException;
import java.util.Map;
import org.testng.annotations.Test;

/** A passkey besides the password, held by Chromium's own virtual authenticator. */
public class PasskeyTest extends BrowserTest {
    /** A key that is held by this browser, and is touched whenever it is asked. */
    private static final Map<String, Object> KEY = Map.of(
            "protocol", "ctap2",
            "transport", "usb",
            "hasResidentKey", true,
            "hasUserVerification", true,
            "isUserVerified", true,
            "automaticPresenceSimulation", true);

    /** A page of a fresh profile with a key of its own. */
    private Page withKey(Size size) {
        var page = chromium.profile(size).newPage();
        var session = page.context().newCDPSession(page);
        session.send("WebAuthn.enable");
        var options = new JsonObject();
        options.add("options", new Gson().toJsonTree(KEY));
        session.send("WebAuthn.addVirtualAuthenticator", options);
        page.navigate(byName());
        return page;
    }

    /** The installation by a name, as a key belongs to one. */
    private String byName() {
        return installation.address().replace("127.0.0.1", "localhost");
    }

    private static void add(Page page, String password) {
        page.getByLabel("Which key it is").fill("The key on my ring");
        page.getByLabel("Your passkeys").getByLabel("Your password").fill(password);
        button(page, "Add a passkey").click();
    }

    @Test
    public void whoHasAPasskeyIsInOnlyWithIt() {
        var page = withKey(Size.DESK);
        Chromium.signIn(page);
        page.navigate(byName() + "/settings/devices");
        add(page, "not-my-password");
        assertThat(page.getByText("This is not your password.")).isVisible();
        add(page, Installation.PASSWORD);
        var remove = button(page, "Remove the passkey The key on my ring");
        assertThat(remove).isVisible();
        button(page, "Sign out").click();
        assertThat(button(page, "Sign in")).isVisible();
        Chromium.signIn(page);

        // Whoever knows the password, and has another key.
        var other = withKey(Size.PHONE);
        Chromium.givePassword(other);
        assertThat(other.getByText("No passkey was given.")).isVisible();
        other.reload();
        assertThat(button(other, "Sign in")).isVisible();

        page.navigate(byName() + "/settings/devices");
        remove.click();
        assertThat(remove).isHidden();
        Chromium.signIn(other);
    }

    /** Who is the only owner, and has lost the key. */
    @Test
    public void whoHasLostTheirKeyIsLetInFromTheMachineItself() throws IOException, InterruptedException {
        var lost = withKey(Size.DESK);
        Chromium.signIn(lost);
        lost.navigate(byName() + "/settings/devices");
        add(lost, Installation.PASSWORD);
        assertThat(button(lost, "Remove the passkey The key on my ring")).isVisible();

        var nobody = Script.run("passkeys", "forget", "nobody", installation.folder());
        assertEquals(nobody.status(), 1);
        assertTrue(nobody.said().contains("Nobody signs in as nobody."), nobody.said());
        var forgotten = Script.run("passkeys", "forget", "maren", installation.folder());
        assertEquals(forgotten.status(), 0, forgotten.said());
        assertTrue(forgotten.said().contains("maren has no passkeys any more (1 were there)"), forgotten.said());
        Chromium.signIn(withKey(Size.PHONE));
    }

    @Test
    public void aNumberForAnAddressHasNone() {
        var page = chromium.signedIn(installation, Size.PHONE, "/settings/devices");
        assertThat(page.getByText("This browser has none at this address")).isVisible();
    }
}
