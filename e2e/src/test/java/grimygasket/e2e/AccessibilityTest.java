package grimygasket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.util.List;
import org.testng.annotations.Test;

public class AccessibilityTest extends BrowserTest {
    @Test(dataProvider = "sizes")
    public void everyViewPassesTheAutomaticRules(Size size) {
        var page = chromium.profile(size).newPage();
        page.navigate(installation.address());
        page.getByLabel("Password").waitFor();
        assertClean(page, "sign-in");
        Chromium.signIn(page);
        assertClean(page, "round");
        button(page, "New call").click();
        page.getByLabel("Complaint").waitFor();
        assertClean(page, "new call");
        page.navigate(installation.address() + HALF_DONE);
        page.getByText("Where it narrows").waitFor();
        assertClean(page, "call");
        button(page, "Air gap:").click();
        page.getByText("What can be wrong here").waitFor();
        assertClean(page, "station");
        for (var segment : SEGMENTS) {
            segment(page, segment);
            assertClean(page, segment);
        }
        for (var view : new String[] {"", "/faults", "/faults/wax-set", "/signs", "/codes", "/versions"}) {
            page.navigate(installation.address() + "/know-how/dishwasher" + view);
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Dishwasher"))
                    .waitFor();
            assertClean(page, "know-how" + view);
        }
        for (var gauge : new String[] {"", "/drain-pump", "/hardness", "/fill"}) {
            page.navigate(installation.address() + "/gauges" + gauge);
            page.getByRole(AriaRole.HEADING).first().waitFor();
            assertClean(page, "gauges" + gauge);
        }
        page.navigate(installation.address() + "/gauges/hardness");
        page.getByLabel("Hardness", new Page.GetByLabelOptions().setExact(true)).fill("210");
        page.getByRole(AriaRole.FIGURE).waitFor();
        assertClean(page, "gauge judged");
        page.navigate(installation.address() + HALF_DONE);
        choose(page, "Measure the hot supply");
        button(page, "From a meter").click();
        page.getByText("Steady at").waitFor();
        button(page, "Hold").click();
        assertClean(page, "meter");
        page.navigate(installation.address() + HALF_DONE + "/report");
        page.getByText("Likeliest cause so far").waitFor();
        assertClean(page, "report");
        page.navigate(installation.address() + "/settings");
        page.getByText("How often to clean").first().waitFor();
        assertClean(page, "settings");
    }

    private void segment(Page page, String segment) {
        // From elsewhere, as a change of the hash alone loads nothing.
        page.navigate("about:blank");
        page.navigate(installation.address() + LEFT_OPEN + "#" + segment);
        page.getByText("Where it narrows").waitFor();
    }

    /** On a screen that holds the whole view, as what the bar at the foot covers can be scrolled free. */
    private static void assertClean(Page page, String view) {
        page.waitForLoadState(LoadState.NETWORKIDLE);
        var size = page.viewportSize();
        page.setViewportSize(size.width, (int) page.evaluate("document.documentElement.scrollHeight + 100"));
        var violations = new AxeBuilder(page)
                .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"))
                .analyze()
                .getViolations();
        page.setViewportSize(size.width, size.height);
        assertTrue(
                violations.isEmpty(),
                view + ": "
                        + violations.stream()
                                .map(rule -> rule.getId() + " "
                                        + rule.getNodes().get(0).getHtml())
                                .toList());
    }

    @Test
    public void aStepIsAnsweredWithTheKeyboardAlone() {
        var page = chromium.signedIn(installation, Size.DESK);
        page.navigate(installation.address() + HALF_DONE);
        choose(page, "Lift the air gap's cap and look");
        button(page, "Something in it").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("So far")).containsText("Something in it");
        page.getByPlaceholder("What else?").focus();
        page.keyboard().type("smell");
        page.locator("li[role=option]").first().waitFor();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Does it smell of old food?").first()).isVisible();
    }

    @Test
    public void everythingToTouchIsLargeEnoughForAGlove() {
        var page = chromium.signedIn(installation, Size.PHONE);
        page.navigate(installation.address() + HALF_DONE);
        page.getByText("Where it narrows").waitFor();
        assertLargeEnough(page);
        for (var segment : SEGMENTS) {
            segment(page, segment);
            page.evaluate("document.querySelectorAll('details').forEach((one) => (one.open = true))");
            assertLargeEnough(page);
        }
        page.navigate(installation.address() + "/know-how/dishwasher");
        page.getByText("Its paths").waitFor();
        assertLargeEnough(page);
        page.navigate(installation.address() + "/settings");
        page.getByText("How often to clean").first().waitFor();
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
