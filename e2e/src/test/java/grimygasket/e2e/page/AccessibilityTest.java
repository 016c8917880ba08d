package grimygasket.e2e.page;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.Axe;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.browser.Size;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class AccessibilityTest extends BrowserTest {
    @Test(dataProvider = "sizes")
    public void roundAndCallPassTheAutomaticRules(Size size) {
        var page = chromium.profile(size).newPage();
        page.navigate(installation.address());
        page.getByLabel("Password").waitFor();
        Axe.assertClean(page, "sign-in");
        Chromium.signIn(page);
        Axe.assertClean(page, "round");
        button(page, "New call").click();
        page.getByLabel("Complaint").waitFor();
        Axe.assertClean(page, "new call");
        page.navigate(installation.address() + HALF_DONE);
        page.getByText("Where it may be blocked").waitFor();
        Axe.assertClean(page, "call");
        button(page, "Air gap:").click();
        page.getByText("What can be wrong here").waitFor();
        Axe.assertClean(page, "station");
        for (var segment : SEGMENTS) {
            segment(page, segment);
            Axe.assertClean(page, segment);
        }
    }

    private void segment(Page page, String segment) {
        // From elsewhere, as a change of the hash alone loads nothing.
        page.navigate("about:blank");
        page.navigate(installation.address() + LEFT_OPEN + "#" + segment);
        page.getByText("Where it may be blocked").waitFor();
    }

    @DataProvider
    Object[][] looks() {
        return new Object[][] {{"Daylight: black on white"}, {"Dark"}};
    }

    @Test(dataProvider = "looks")
    public void inEveryLightItCanBeRead(String look) {
        var page = chromium.signedIn(installation, Size.DESK, "/settings/devices");
        page.getByLabel(look).check();
        Axe.assertClean(page, "settings");
        for (var view : new String[] {"/round", HALF_DONE, LEFT_OPEN, "/know-how/dishwasher", "/gauges/drain-pump"}) {
            page.navigate(installation.address() + view);
            page.getByRole(AriaRole.HEADING).first().waitFor();
            if (view.startsWith("/know-how")) {
                // What comes above the symptoms moves them, for a moment under the foot.
                page.getByText("Its paths").waitFor();
            }
            Axe.assertClean(page, view);
        }
    }

    @Test
    public void aStepIsAnsweredWithTheKeyboardAlone() {
        var page = chromium.signedIn(installation, Size.DESK, HALF_DONE);
        choose(page, "Lift the air gap's cap and look");
        button(page, "Blocked then").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("So far")).containsText("Blocked");
        page.getByPlaceholder("What else?").focus();
        page.keyboard().type("it smells");
        page.locator("li[role=option]").first().waitFor();
        page.keyboard().press("Enter");
        assertThat(page.getByText("Does it smell of old food?").first()).isVisible();
    }

    @Test
    public void everythingToTouchIsLargeEnoughForAGlove() {
        var page = chromium.signedIn(installation, Size.PHONE, HALF_DONE);
        page.getByText("Where it may be blocked").waitFor();
        assertLargeEnough(page);
        for (var segment : SEGMENTS) {
            segment(page, segment);
            page.evaluate("document.querySelectorAll('details').forEach((one) => (one.open = true))");
            assertLargeEnough(page);
        }
        page.navigate(installation.address() + "/know-how/dishwasher");
        page.getByText("Its paths").waitFor();
        assertLargeEnough(page);
        page.navigate(installation.address() + "/settings/practice");
        unfold(page, " to choose");
        assertLargeEnough(page);
    }

    private static void assertLargeEnough(Page page) {
        var small = page.evaluate("""
                [...document.querySelectorAll('button, input:not([type=checkbox]):not([type=radio]):not(.sr-only), nav a, label:has(input)')]
                  .filter((e) => e.offsetParent && e.getBoundingClientRect().height < 48)
                  .map((e) => e.innerText || e.outerHTML)
                """);
        assertEquals(small, List.of());
    }
}
