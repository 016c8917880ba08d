package grimygasket.load;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.WaitForSelectorState;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.installation.Installation;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;

/** Takes the pictures of docs/screenshots from the demo data; run by scripts/screenshots. */
public final class Screenshots {
    private static final String CLOSED = "/calls/0193a000-0000-7000-8000-000000000401";
    private static final String NOTHING_KNOWN = "/calls/0193a000-0000-7000-8000-000000000405";

    private static final String DRYER = "/calls/0193a000-0000-7000-8000-000000000411";
    private static final String MACHINE = "/machines/0193a000-0000-7000-8000-000000000201";
    private static final String WASHER = "/calls/0193a000-0000-7000-8000-000000000412";
    private static final String UPKEEP = "/calls/0193a000-0000-7000-8000-000000000416";

    /** A picture with more than this share of one colour shows nothing. */
    private static final double BLANK = 0.95;

    /** Of the moving picture. */
    private static final Path FRAMES = Path.of("target/frames");

    private static final int TAPS = 3;

    private Screenshots() {}

    public static void main(String[] args) throws Exception {
        var folder = Path.of(args[0]);
        try (var installation = new Installation(true);
                var chromium = new Chromium()) {
            Page page;
            for (var size : Size.values()) {
                page = chromium.signedIn(installation, size);
                page.context().route("**/api/feed", Route::abort);
                page.navigate(installation.address());
                page.getByText("of work").waitFor();
                page.waitForLoadState(LoadState.NETWORKIDLE);
                take(page, folder, "round-" + size.width());
                takeCall(page, installation.address() + BrowserTest.HALF_DONE, folder, "call-" + size.width());
            }
            page = chromium.signedIn(installation, Size.PHONE);
            page.context().route("**/api/feed", Route::abort);
            takeView(page, installation.address() + NOTHING_KNOWN, "From the complaint", folder, "begin-390");
            takeWayIn(page, installation.address() + WASHER, folder, "open-390");
            takeCall(page, installation.address() + BrowserTest.LEFT_OPEN + "#close", folder, "close-390");
            takeStop(page, installation.address() + DRYER, folder, "stop-390");
            page = chromium.signedIn(installation, Size.DESK);
            page.context().route("**/api/feed", Route::abort);
            takeGauge(page, installation.address(), folder, "gauge-1280");
            takeView(page, installation.address() + UPKEEP, "To do on this visit", folder, "upkeep-1280");
            takeView(page, installation.address() + "/shelf", "Return valve", folder, "shelf-1280");
            takeView(page, installation.address() + "/board", "Nobody has these yet", folder, "board-1280");
            takeView(page, installation.address() + MACHINE, "Drains slowly again", folder, "machine-1280");
            takeCall(page, installation.address() + BrowserTest.LEFT_OPEN + "#hand-over", folder, "hand-over-1280");
            takeWhatIf(page, installation.address() + "/know-how/dishwasher", folder, "know-how-1280");
            var pump = "/know-how/dishwasher/faults/impeller-jammed";
            takeView(page, installation.address() + pump, "Checks that tell", folder, "fault-1280");
            page.navigate(installation.address() + CLOSED + "/report");
            page.getByText("because of").waitFor();
            take(page, folder, "report-1280");
            takeTaps(page, installation.address() + BrowserTest.HALF_DONE);
            takeOffline(
                    chromium.readyForTheCellar(installation), installation.address() + DRYER, folder, "offline-390");
        }
    }

    /** A call before, between and after some answers, of which a moving picture is made. */
    private static void takeTaps(Page page, String address) throws IOException {
        page.navigate(address);
        var answers = page.getByLabel("Answers").getByRole(AriaRole.BUTTON);
        var heading = page.getByLabel("Next step").getByRole(AriaRole.HEADING).first();
        take(page, FRAMES, "taps-0");
        for (int tap = 1; tap <= TAPS; tap++) {
            var asked = heading.innerText();
            answers.filter(new Locator.FilterOptions().setHasText(tap == 1 ? "Clear" : ""))
                    .first()
                    .click();
            heading.filter(new Locator.FilterOptions().setHasNotText(asked)).waitFor();
            page.evaluate("document.activeElement.blur()");
            take(page, FRAMES, "taps-" + tap);
        }
    }

    /** A pump that brings less than half of its flow. */
    private static void takeGauge(Page page, String address, Path folder, String name) {
        page.navigate(address + "/gauges/drain-pump");
        page.getByLabel("Water caught", new Page.GetByLabelOptions().setExact(true))
                .fill("2.1");
        page.getByLabel("In this time", new Page.GetByLabelOptions().setExact(true))
                .fill("20");
        page.getByText("Only 45%").waitFor();
        page.evaluate("document.activeElement.blur()");
        take(page, folder, name);
    }

    /** Something smells of burning: it stops the call. */
    private static void takeStop(Page page, String address, Path folder, String name) {
        page.navigate(address + "#call");
        BrowserTest.button(page, "Smell of burning").click();
        BrowserTest.button(page, "Undo: Smell of burning").waitFor();
        page.navigate("about:blank");
        page.navigate(address);
        page.getByText("Confirm this before you go on").waitFor();
        take(page, folder, name);
        BrowserTest.button(page, "Undo: Smell of burning").click();
        page.getByText("Confirm this before you go on")
                .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
    }

    /** The pump filter lies behind the back panel. */
    private static void takeWayIn(Page page, String address, Path folder, String name) {
        page.navigate(address + "#open");
        page.getByText("It opens otherwise").first().click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Behind the back panel"))
                .first()
                .click();
        page.getByText("found here").first().waitFor();
        page.evaluate("document.activeElement.blur()");
        page.getByText("Pump filter behind the back panel")
                .first()
                .evaluate("title => window.scrollTo({ top: title.getBoundingClientRect().top + window.scrollY - 60 })");
        take(page, folder, name);
    }

    /** In a cellar: two things are entered, and wait. */
    private static void takeOffline(Page page, String address, Path folder, String name) {
        page.navigate(address);
        page.getByText("Where it may be blocked").waitFor();
        page.context().setOffline(true);
        for (var code : new String[] {"F3", "F7"}) {
            page.getByPlaceholder("What else?").fill(code);
            page.locator("li[role=option]").first().click();
        }
        page.getByText("2 entries wait on this device").waitFor();
        page.evaluate("document.activeElement.blur(), window.scrollTo({ top: 0 })");
        take(page, folder, name);
        page.context().setOffline(false);
    }

    /** Two symptoms supposed, of a drain that hums. */
    private static void takeWhatIf(Page page, String address, Path folder, String name) {
        page.navigate(address);
        for (var symptom : new String[] {"water stands in the bottom", "pump hums"}) {
            page.getByPlaceholder("Suppose a symptom or a code").fill(symptom);
            page.locator("li[role=option]").first().click();
            page.getByText("Yes", new Page.GetByTextOptions().setExact(true)).click();
        }
        page.getByLabel("Supposed").getByText("Pump hums").waitFor();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        take(page, folder, name);
    }

    private static void takeCall(Page page, String address, Path folder, String name) {
        takeView(page, address, "Where it may be blocked", folder, name);
    }

    /** @param shown text by which it is known that the view is there */
    private static void takeView(Page page, String address, String shown, Path folder, String name) {
        page.navigate(address);
        page.getByText(shown).first().waitFor();
        take(page, folder, name);
    }

    private static void take(Page page, Path folder, String name) {
        page.evaluate("document.fonts.ready");
        var file = folder.resolve(name + ".png");
        refuseBlank(file, page.screenshot(new Page.ScreenshotOptions().setPath(file)));
    }

    /** A page that is not there yet is nearly of one colour. */
    private static void refuseBlank(Path file, byte[] png) {
        try {
            var picture = ImageIO.read(new ByteArrayInputStream(png));
            int[] colours = picture.getRGB(0, 0, picture.getWidth(), picture.getHeight(), null, 0, picture.getWidth());
            long most = Arrays.stream(colours)
                    .boxed()
                    .collect(Collectors.groupingBy(colour -> colour, Collectors.counting()))
                    .values()
                    .stream()
                    .max(Long::compare)
                    .orElseThrow();
            if (most > BLANK * colours.length) {
                throw new IllegalStateException(file + " is nearly of one colour: the page was not there yet");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
