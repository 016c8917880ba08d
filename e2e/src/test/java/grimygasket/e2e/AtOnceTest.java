package grimygasket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/** The device concludes by itself: what is entered is drawn while the server still has to answer. */
public class AtOnceTest extends BrowserTest {
    private static final String COMMANDS = "**/api/commands";
    private static final int TRIES = 30;

    /** Enters a code that no table has, each time another. */
    private static Locator enter(Page page, String code) {
        page.getByPlaceholder("What else?").fill(code);
        page.getByText("Code “" + code + "”, not in the tables").click();
        return page.getByLabel("So far").getByText("Code " + code);
    }

    private Page open() {
        var page = chromium.signedIn(installation, Size.PHONE);
        page.navigate(installation.address() + HALF_DONE);
        page.getByLabel("Next step").waitFor();
        return page;
    }

    /**
     * The code that was drawn before its command was let through; the device needs a while to be told a call, and does
     * not say when it is.
     */
    private static String drawnAtOnce(Page page, String prefix, List<Route> held) {
        for (int i = 1; i < TRIES; i++) {
            var code = prefix + i + "z";
            var entry = enter(page, code);
            page.waitForTimeout(1000);
            boolean atOnce = !held.isEmpty() && entry.isVisible();
            page.waitForCondition(() -> !held.isEmpty());
            if (atOnce) {
                return code;
            }
            held.remove(0).resume();
            entry.waitFor();
        }
        throw new AssertionError("the device never drew by itself");
    }

    @Test
    public void anEntryIsDrawnBeforeTheServerHasAnswered() {
        var page = open();
        var held = new ArrayList<Route>();
        page.route(COMMANDS, held::add);
        var drawn = drawnAtOnce(page, "A", held);
        assertThat(page.getByText("The last entry is not kept yet")).isVisible();
        held.remove(0).resume();
        assertThat(page.getByText("The last entry is not kept yet")).isHidden();
        page.unroute(COMMANDS);
        page.reload();
        assertThat(page.getByLabel("So far")).containsText("Code " + drawn);
    }

    @Test
    public void whatTheServerDoesNotTakeIsNotShownAsEntered() {
        var page = open();
        var held = new ArrayList<Route>();
        page.route(COMMANDS, held::add);
        var drawn = drawnAtOnce(page, "B", held);
        held.remove(0)
                .fulfill(new Route.FulfillOptions()
                        .setStatus(400)
                        .setContentType("application/problem+json")
                        .setBody("{\"type\": \"urn:grimy-gasket:invalid\", \"detail\": \"Not today.\"}"));
        assertThat(page.getByText("Not today.")).isVisible();
        assertThat(page.getByLabel("So far")).not().containsText("Code " + drawn);
    }
}
