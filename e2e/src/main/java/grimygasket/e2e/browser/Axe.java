package grimygasket.e2e.browser;

import static org.testng.Assert.assertTrue;

import com.deque.html.axecore.args.AxeRuleOptions;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.List;
import java.util.Map;

/** The automatic rules of WCAG 2.2 AA, and those for headings. */
public final class Axe {
    /** Of what passes, nothing but its first place is wanted: to name them all takes most of the time. */
    private static final AxeRunOptions OPTIONS = new AxeRunOptions();

    static {
        OPTIONS.setResultTypes(List.of("violations"));
        var on = new AxeRuleOptions();
        on.setEnabled(true);
        // A screen reader jumps from heading to heading. A glove needs targets that are large and apart.
        OPTIONS.setRules(
                Map.of("heading-order", on, "page-has-heading-one", on, "empty-heading", on, "target-size", on));
    }

    private Axe() {}

    /** On a screen that holds the whole view, as what the bar at the foot covers can be scrolled free. */
    public static void assertClean(Page page, String view) {
        page.waitForLoadState(LoadState.NETWORKIDLE);
        var size = page.viewportSize();
        page.setViewportSize(size.width, (int) page.evaluate("document.documentElement.scrollHeight + 100"));
        var violations = new AxeBuilder(page)
                .options(OPTIONS)
                .setLegacyMode(true)
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
}
