package grimygasket.e2e.page;

import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Size;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A desk's window that is zoomed in to two and four times the size: it has half and a quarter of the room. */
public class ZoomTest extends BrowserTest {
    private static final String[] VIEWS = {
        "/round",
        "/board",
        HALF_DONE,
        LEFT_OPEN + "#close",
        LEFT_OPEN + "#hand-over",
        HALF_DONE + "/report",
        "/shelf",
        "/customers",
        "/know-how/dishwasher",
        "/know-how/dishwasher/faults/wax-set",
        "/gauges/drain-pump",
        "/settings/practice",
        "/settings/business",
    };

    /** What reaches over the right edge and cannot be scrolled to, and what sticks to an edge, as a share of the height. */
    private static final String WRONG = """
            () => {
              const scrolls = one => one && (/auto|scroll/.test(getComputedStyle(one).overflowX) || scrolls(one.parentElement))
              const isFolded = one => one && (one.offsetWidth <= 1 || isFolded(one.parentElement))
              const all = [...document.querySelectorAll('#content *, nav[aria-label=Views] *')].filter(one => one.offsetParent && !isFolded(one))
              const wide = all
                .filter(one => one.getBoundingClientRect().right > innerWidth + 1 && !scrolls(one.parentElement))
                .map(one => one.outerHTML.slice(0, 120))
              const stuck = [...document.querySelectorAll('*')]
                .filter(one => /sticky|fixed/.test(getComputedStyle(one).position) && one.offsetWidth > innerWidth / 2)
                .reduce((sum, one) => sum + one.offsetHeight, 0)
              return [...wide, ...(stuck > innerHeight / 2 ? [`${stuck} of ${innerHeight} are covered`] : [])]
            }""";

    @DataProvider
    Object[][] zooms() {
        return new Object[][] {{2}, {4}};
    }

    @Test(dataProvider = "zooms")
    public void allOfItCanBeReadWithoutScrollingSideways(int zoom) {
        var page = chromium.signedIn(installation, Size.DESK);
        page.setViewportSize(Size.DESK.width() / zoom, Size.DESK.height() / zoom);
        for (var view : VIEWS) {
            // From elsewhere, as a change of the hash alone loads nothing.
            page.navigate("about:blank");
            page.navigate(installation.address() + view);
            page.getByRole(AriaRole.HEADING).first().waitFor();
            kept(page);
            assertEquals(page.evaluate(WRONG), List.of(), view + " at " + zoom + " times the size");
        }
    }
}
