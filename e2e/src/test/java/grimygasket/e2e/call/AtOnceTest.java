package grimygasket.e2e.call;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.BrowserTest;
import java.util.ArrayList;
import org.testng.annotations.Test;

/** The device concludes by itself: what is entered is drawn while the server still has to answer. */
public class AtOnceTest extends BrowserTest {
    private static final String COMMANDS = "**/api/commands";

    /** Enters a code that no table has, each time another. */
    private static Locator enter(Page page, String code) {
        page.getByPlaceholder("What else?").fill(code);
        page.getByText("Code “" + code + "”, not in the tables").click();
        return page.getByLabel("So far").getByText("Code " + code);
    }

    @Test
    public void anEntryIsDrawnBeforeTheServerHasAnswered() {
        var page = showing(HALF_DONE);
        var held = new ArrayList<Route>();
        page.route(COMMANDS, held::add);
        assertThat(enter(page, "A1z")).isVisible();
        assertThat(page.getByText("One entry waits on this device")).isVisible();
        page.waitForCondition(() -> !held.isEmpty());
        held.remove(0).resume();
        assertThat(page.getByText("One entry waits on this device")).isHidden();
        page.unroute(COMMANDS);
        page.reload();
        assertThat(page.getByLabel("So far")).containsText("Code A1z");
    }

    @Test
    public void whatTheServerDoesNotTakeIsNotShownAsEntered() {
        var page = showing(HALF_DONE);
        var held = new ArrayList<Route>();
        page.route(COMMANDS, held::add);
        assertThat(enter(page, "B1z")).isVisible();
        page.waitForCondition(() -> !held.isEmpty());
        held.remove(0)
                .fulfill(new Route.FulfillOptions()
                        .setStatus(400)
                        .setContentType("application/problem+json")
                        .setBody("{\"type\": \"urn:grimy-gasket:invalid\", \"detail\": \"Not today.\"}"));
        assertThat(page.getByText("Not today.")).isVisible();
        assertThat(page.getByLabel("So far")).not().containsText("Code B1z");
        button(page, "1 entry not accepted: view").click();
        var list = page.getByRole(AriaRole.DIALOG);
        assertThat(list).containsText("What was seen or done");
        list.getByText("Done with it").click();
        assertThat(list).containsText("Everything is settled.");
    }
}
