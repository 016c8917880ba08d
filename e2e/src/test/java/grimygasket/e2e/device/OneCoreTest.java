package grimygasket.e2e.device;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Page;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.browser.DeviceCore;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.installation.Installation;
import grimygasket.e2e.installation.MadeUpCalls;
import grimygasket.e2e.installation.Phone;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/** What follows from a call is concluded by one core, wherever it runs. */
public class OneCoreTest extends BrowserTest {
    private static final String JAVASCRIPT = ".*/device-[^/]*\\.js";

    @Test
    public void theServerSaysOfEveryCallWhatTheCoreInTheBrowserSays() throws Exception {
        new MadeUpCalls(new Phone(installation.address(), Installation.LOGIN), 1).make(8);
        var page = chromium.signedIn(installation, Size.DESK);
        var calls = installation.rows("select id from service_call");
        assertTrue(calls.size() > 10, calls + "");
        assertEquals(
                DeviceCore.toldOtherwise(
                        page, calls.stream().map(row -> row.get(0)).toList()),
                List.of());
    }

    @Test
    public void theCoreRunsAsWebAssembly() {
        var page = chromium.profile(Size.DESK).newPage();
        var asked = new ArrayList<String>();
        page.onRequest(request -> asked.add(request.url()));
        open(page);
        showsTheNextStep(page);
        assertTrue(asked.stream().anyMatch(address -> address.endsWith(".wasm")), asked + "");
        assertTrue(asked.stream().noneMatch(address -> address.matches(JAVASCRIPT)), asked + "");
    }

    @Test
    public void aBrowserThatDoesNotKnowTheWebAssemblyRunsTheSameAsJavaScript() {
        var page = chromium.profile(Size.PHONE).newPage();
        page.route("**/*.wasm", route -> route.abort());
        page.waitForRequest(request -> request.url().matches(JAVASCRIPT), () -> open(page));
        showsTheNextStep(page);
    }

    private void open(Page page) {
        page.navigate(installation.address());
        Chromium.signIn(page);
    }

    private void showsTheNextStep(Page page) {
        page.navigate(installation.address() + HALF_DONE);
        page.getByLabel("Next step").waitFor();
    }
}
