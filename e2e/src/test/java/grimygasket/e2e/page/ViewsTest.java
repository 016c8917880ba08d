package grimygasket.e2e.page;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.Axe;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.browser.Size;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The views beside the call; their layout differs little with the size, so that the rules are tried at one of them. */
public class ViewsTest extends BrowserTest {
    @Test
    public void everyViewPassesTheAutomaticRules() {
        var page = chromium.signedIn(installation, Size.PHONE);
        for (var view : new String[] {"", "/faults", "/faults/wax-set", "/symptoms", "/codes", "/versions"}) {
            page.navigate(installation.address() + "/know-how/dishwasher" + view);
            page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Dishwasher"))
                    .waitFor();
            Axe.assertClean(page, "know-how" + view);
        }
        for (var gauge : new String[] {"", "/drain-pump", "/hardness", "/fill"}) {
            page.navigate(installation.address() + "/gauges" + gauge);
            page.getByRole(AriaRole.HEADING).first().waitFor();
            Axe.assertClean(page, "gauges" + gauge);
        }
        page.navigate(installation.address() + "/gauges/hardness");
        page.getByLabel("Hardness", new Page.GetByLabelOptions().setExact(true)).fill("210");
        page.getByRole(AriaRole.FIGURE).waitFor();
        Axe.assertClean(page, "gauge judged");
        page.navigate(installation.address() + HALF_DONE);
        choose(page, "Measure the hot supply");
        button(page, "From a meter").click();
        page.getByText("Steady at").waitFor();
        button(page, "Hold").click();
        Axe.assertClean(page, "meter");
        page.navigate(installation.address() + HALF_DONE + "/report");
        page.getByText("Likeliest cause so far").waitFor();
        Axe.assertClean(page, "report");
        page.navigate(installation.address() + "/settings/practice");
        unfold(page, " to choose");
        Axe.assertClean(page, "settings");
        page.getByPlaceholder("Search the settings").fill("warranty");
        Axe.assertClean(page, "settings, searched");
        link(page, "Warranty").click();
        page.getByLabel("Warranty on repairs").waitFor();
        Axe.assertClean(page, "business");
        for (var other : new String[] {"Data", "Devices and sign-in", "People"}) {
            link(page, other).click();
            page.getByText("Settings: " + other).waitFor();
            Axe.assertClean(page, other);
        }
    }

    /** What never changes was compressed once, when it was built; the page itself is asked for each time, and answered without it. */
    @Test
    public void thePageComesCompressedAndNotTwice() throws Exception {
        var page = fetched("/", "Accept-Encoding", "br");
        assertEquals(page.headers().firstValue("Cache-Control").orElse(""), "no-cache");
        var script = Pattern.compile("/assets/index-[^\"]+\\.js")
                .matcher(fetched("/", "Accept", "text/html").body());
        assertTrue(script.find());
        var asset = fetched(script.group(), "Accept-Encoding", "br");
        assertEquals(asset.headers().firstValue("Content-Encoding").orElse(""), "br");
        assertTrue(asset.headers().firstValue("Cache-Control").orElse("").contains("immutable"));
        var seen = page.headers().firstValue("Last-Modified").orElse("");
        assertEquals(fetched("/", "If-Modified-Since", seen).statusCode(), 304);
    }

    private HttpResponse<String> fetched(String path, String header, String value) throws Exception {
        var request = HttpRequest.newBuilder(URI.create(installation.address() + path))
                .header(header, value)
                .build();
        return HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
    }

    /** The day and the hours are another at nearly any time on the other side of the world. */
    @Test
    public void daysAndTimesAreThoseOfTheBusinessWhereverSomebodySits() {
        assertEquals(seenIn("Pacific/Kiritimati"), seenIn("America/Los_Angeles"));
    }

    private List<String> seenIn(String zone) {
        var page = chromium.elsewhere(Size.DESK, zone).newPage();
        page.navigate(installation.address());
        Chromium.signIn(page);
        // When somebody will be where follows from the minute.
        var heading = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
        var calls = page.getByLabel("Calls").getByRole(AriaRole.LINK);
        calls.first().waitFor();
        var round = heading.innerText() + calls.allInnerTexts();
        page.navigate(installation.address() + LEFT_OPEN);
        page.getByLabel("Next step").waitFor();
        // Units are asked for by themselves.
        assertThat(page.getByLabel("So far")).containsText("0 L/min before");
        return List.of(round, page.getByLabel("So far").innerText());
    }
}
