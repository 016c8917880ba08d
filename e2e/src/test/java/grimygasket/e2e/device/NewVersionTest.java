package grimygasket.e2e.device;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Page;
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

    /** One of its own, as it does not go back as it was. */
    @Override
    @BeforeClass
    public void install() throws IOException, InterruptedException {
        installation = new Installation(true);
        chromium = Chromium.ofThisThread();
    }

    @Override
    @AfterClass(alwaysRun = true)
    public void remove() {
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
        // Its worker comes to work by itself when no page of the old version is open: before this load, or in the midst
        // of it, which has
        // brought the old page then, once more.
        page.waitForFunction("async () => document.body.innerText.includes('Take it now')"
                + " || document.querySelector('meta[name=next-version]') !== null"
                + " || !(await navigator.serviceWorker.getRegistration()).waiting");
        if (page.evaluate(IS_NEXT).equals(false)) {
            if (button(page, "Take it now").isVisible()) {
                button(page, "Take it now").click();
            } else {
                page.reload();
            }
        }
        page.waitForFunction(IS_NEXT);
        assertThat(page.getByPlaceholder("What else?")).hasValue("half a wo");
        assertThat(page.getByLabel("So far")).containsText("Code V1");
        assertThat(page.getByText("One entry waits")).isVisible();

        page.unroute("**/api/commands");
        enter(page, "V2");
        hasSentAll(page);
        var told = Arrays.asList(findings(HALF_DONE));
        assertEquals(told.subList(told.size() - 2, told.size()), Arrays.asList("code-read V1 ", "code-read V2 "));
    }

    private static void enter(Page page, String code) {
        page.getByPlaceholder("What else?").fill(code);
        page.getByText("Code “" + code + "”, not in the tables").click();
        assertThat(page.getByLabel("So far")).containsText("Code " + code);
    }
}
