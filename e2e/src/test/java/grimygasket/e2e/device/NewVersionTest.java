package grimygasket.e2e.device;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.installation.Installation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A new version of the page comes while something waits on a device, and while something is half typed there. */
public class NewVersionTest extends BrowserTest {
    private static final Path PAGE = Installation.ROOT.resolve("server/target/classes/static");
    private static final String LOCATIONS = "SPRING_WEB_RESOURCES_STATIC_LOCATIONS";
    private static final String HERE = "classpath:/static/";
    private static final String IS_NEXT = "() => document.querySelector('meta[name=next-version]') !== null";

    /** Both of its own: the installation does not go back as it was, and no other page's worker is in the browser. */
    @Override
    @BeforeClass
    public void install() throws IOException, InterruptedException {
        installation = new Installation(true);
        chromium = new Chromium();
    }

    @Override
    @AfterClass(alwaysRun = true)
    public void remove() {
        chromium.close();
        installation.close();
    }

    /** The page as it is, but for a mark by which it is known, and by which its service worker sees that it is another. */
    private static String nextVersion() throws IOException {
        var folder = Files.createTempDirectory("gasket-next");
        var page = Files.readString(PAGE.resolve("index.html"));
        Files.writeString(
                folder.resolve("index.html"),
                page.replace("<head>", "<head><meta name=\"next-version\" content=\"\">"));
        var worker = Files.readString(PAGE.resolve("sw.js"));
        var next = worker.replaceAll("(url:\"index.html\",revision:\")[0-9a-f]+", "$1" + "0".repeat(32));
        assertThatItDiffers(worker, next);
        Files.writeString(folder.resolve("sw.js"), next);
        return folder.toUri() + "," + HERE;
    }

    private static void assertThatItDiffers(String worker, String next) {
        if (worker.equals(next)) {
            throw new IllegalStateException("the service worker names its page in another way");
        }
    }

    @Test
    public void whatWaitsAndWhatIsHalfTypedOutlivesANewVersion() throws IOException, InterruptedException {
        var page = readyForTheCellar();
        page.navigate(installation.address() + HALF_DONE);
        page.getByLabel("Next step").waitFor();
        holds(page, HALF_DONE);
        page.route("**/api/commands", route -> route.abort());
        enter(page, "V1");

        installation.killApplication();
        installation.startApplication(LOCATIONS, nextVersion());
        page.getByPlaceholder("What else?").fill("half a wo");
        page.waitForFunction("() => Object.values(localStorage).some((kept) => kept.includes('half a wo'))");
        page.evaluate("() => navigator.serviceWorker.getRegistration().then((worker) => worker.update())");
        page.getByText("A new version of Grimy Gasket is here").waitFor();

        link(page, "Round").first().click();
        page.getByText("of work").waitFor();
        assertEquals(page.evaluate(IS_NEXT), false, "not while something is half typed");
        page.navigate(installation.address() + HALF_DONE);
        page.waitForCondition(() -> isNext(page));
        assertThat(page.getByPlaceholder("What else?")).hasValue("half a wo");
        assertThat(page.getByLabel("So far")).containsText("Code V1");
        assertThat(page.getByText("One entry waits")).isVisible();

        page.unroute("**/api/commands");
        enter(page, "V2");
        hasSentAll(page);
        var told = Arrays.asList(findings(HALF_DONE));
        assertEquals(told.subList(told.size() - 2, told.size()), Arrays.asList("code-read V1 ", "code-read V2 "));
    }

    /**
     * Whether a page is of the next version; if not, it is taken. Its worker comes to work by itself as soon as no page of the old version is open,
     * be it in the midst of a load, which brings the old page once more.
     */
    private static boolean isNext(Page page) {
        try {
            if (page.evaluate(IS_NEXT).equals(true)) {
                return true;
            }
            var take = button(page, "Take it now");
            if (take.isVisible()) {
                take.click();
            } else {
                page.reload();
            }
            page.getByLabel("Next step").waitFor();
        } catch (PlaywrightException e) {
            // It was loaded anew in the midst of it.
        }
        return false;
    }

    private static void enter(Page page, String code) {
        page.getByPlaceholder("What else?").fill(code);
        page.getByText("Code “" + code + "”, not in the tables").click();
        assertThat(page.getByLabel("So far")).containsText("Code " + code);
    }
}
