package grimygasket.e2e.device;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Page;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.installation.Installation;
import grimygasket.e2e.installation.Phone;
import java.io.IOException;
import org.testng.annotations.Test;

/** Whoever leaves a device without signal, or is locked out, is out, and what they had not sent is not lost. */
public class LeavingTest extends BrowserTest {
    private static final String GREASY = "/calls/0193a000-0000-7000-8000-000000000404";
    private static final String ROLLO = "0193a000-0000-7000-8000-000000000002";

    private Page rollosPhone() {
        var phone = chromium.phone(installation.address(), "rollo", Installation.PASSWORD);
        phone.getByText("Works without signal").waitFor();
        return phone;
    }

    private int sessionsOf(String login) {
        return Integer.parseInt(
                column("select count(*) from SPRING_SESSION where PRINCIPAL_NAME = '" + login + "'")[0]);
    }

    @Test
    public void whoSignsOutWithoutSignalIsSignedOutAsSoonAsThereIsSome() {
        installation.execute("delete from SPRING_SESSION");
        var phone = rollosPhone();
        assertEquals(sessionsOf("rollo"), 1);
        button(phone, "More").click();
        link(phone, "Settings").click();
        button(phone, "Sign out").waitFor();
        phone.context().setOffline(true);
        button(phone, "Sign out").click();
        assertThat(phone.getByText("The application does not answer").first()).isVisible();
        until(phone, "async (name) => !(await indexedDB.databases()).some((db) => db.name === name)", "grimy-gasket");
        // As the service worker does with an answer that was on its way.
        phone.evaluate("async () => (await caches.open('answers')).put('/api/late', new Response('late'))");
        until(phone, "async (name) => !(await caches.has(name))", "answers");
        assertEquals(sessionsOf("rollo"), 1, "the server cannot know yet");
        phone.context().setOffline(false);
        phone.navigate(installation.address());
        assertThat(phone.getByLabel("Password")).isVisible();
        assertEquals(sessionsOf("rollo"), 0);
    }

    @Test
    public void theLeadTakesWhatSomebodyWhoIsLockedOutHadNotSent() throws IOException, InterruptedException {
        var owner = chromium.signedIn(installation, Size.DESK);
        var phone = rollosPhone();
        phone.navigate(installation.address() + GREASY);
        phone.getByLabel("Next step").waitFor();
        holds(phone, GREASY);
        phone.context().setOffline(true);
        phone.getByPlaceholder("What else?").fill("E77");
        phone.getByText("Code “E77”, not in the tables").click();
        assertThat(phone.getByLabel("So far")).containsText("Code E77");

        var boss = new Phone(installation.address(), Installation.LOGIN);
        boss.put("/api/colleagues/" + ROLLO + "/locked", "{\"locked\": true}");
        phone.context().setOffline(false);
        phone.reload();
        assertThat(phone.getByText("This device was signed out as lost.")).isVisible();
        until(phone, "async (name) => !(await indexedDB.databases()).some((db) => db.name === name)", "grimy-gasket");

        link(owner, "Settings").click();
        link(owner, "Devices and sign-in").click();
        assertThat(owner.getByText("Not sent before they were locked out")).isVisible();
        button(owner, "Take").click();
        assertThat(owner.getByText("Not sent before they were locked out")).isHidden();
        assertTrue(String.join(" ", findings(GREASY)).contains("E77"));
        boss.put("/api/colleagues/" + ROLLO + "/locked", "{\"locked\": false}");
    }
}
