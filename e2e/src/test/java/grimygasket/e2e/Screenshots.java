package grimygasket.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;

/** Takes the pictures of docs/screenshots from the demo data; run by scripts/screenshots. */
public final class Screenshots {
    private static final String CLOSED = "/calls/0193a000-0000-7000-8000-000000000401";
    private static final String NOTHING_KNOWN = "/calls/0193a000-0000-7000-8000-000000000405";

    private Screenshots() {}

    public static void main(String[] args) throws Exception {
        var folder = Path.of(args[0]);
        try (var installation = new Installation();
                var chromium = new Chromium()) {
            Page page;
            for (var size : Size.values()) {
                page = chromium.signedIn(installation, size);
                takeGauge(page, installation.address(), folder, "gauge-" + size.width());
                take(page, folder, "round-" + size.width());
                takeCall(page, installation.address() + BrowserTest.HALF_DONE, folder, "call-" + size.width());
            }
            page = chromium.signedIn(installation, Size.PHONE);
            takeCall(page, installation.address() + NOTHING_KNOWN, folder, "begin-390");
            takeCall(page, installation.address() + BrowserTest.LEFT_OPEN + "#open", folder, "open-390");
            takeCall(page, installation.address() + BrowserTest.LEFT_OPEN + "#close", folder, "close-390");
            takeCall(page, installation.address() + BrowserTest.LEFT_OPEN + "#prove", folder, "prove-390");
            takeMeter(page, installation.address() + BrowserTest.HALF_DONE, folder, "meter-390");
            page = chromium.signedIn(installation, Size.DESK);
            takeCall(page, installation.address() + BrowserTest.HALF_DONE + "#safe", folder, "safe-1280");
            takeCall(page, installation.address() + BrowserTest.LEFT_OPEN + "#cure", folder, "cure-1280");
            takeCall(page, installation.address() + BrowserTest.LEFT_OPEN + "#hand-over", folder, "hand-over-1280");
            takeWhatIf(page, installation.address() + "/know-how/dishwasher", folder, "know-how-1280");
            for (var view : new String[] {"faults/impeller-jammed", "signs"}) {
                page.navigate(installation.address() + "/know-how/dishwasher/" + view);
                page.getByLabel("Find").first().waitFor();
                page.waitForLoadState(LoadState.NETWORKIDLE);
                take(page, folder, view.replaceAll("s/.*", "") + "-1280");
            }
            page.navigate(installation.address() + CLOSED + "/report");
            page.getByText("because of").waitFor();
            take(page, folder, "report-1280");
            page.navigate(installation.address() + "/settings");
            page.getByText("How often to clean").first().waitFor();
            take(page, folder, "settings-1280");
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
        page.navigate(address);
    }

    private static void takeMeter(Page page, String address, Path folder, String name) {
        page.navigate(address);
        BrowserTest.choose(page, "Drain into a bucket from the hose end");
        BrowserTest.button(page, "From a meter").click();
        page.getByText("Steady at").waitFor();
        take(page, folder, name);
    }

    /** Two signs supposed, of a drain that hums. */
    private static void takeWhatIf(Page page, String address, Path folder, String name) {
        page.navigate(address);
        for (var sign : new String[] {"water stands in the bottom", "pump hums"}) {
            page.getByPlaceholder("Suppose a sign or a code").fill(sign);
            page.locator("li[role=option]").first().click();
            page.getByText("Yes", new Page.GetByTextOptions().setExact(true)).click();
        }
        page.getByLabel("Supposed").getByText("Pump hums").waitFor();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        take(page, folder, name);
    }

    private static void takeCall(Page page, String address, Path folder, String name) {
        page.navigate(address);
        page.getByText("Where it narrows").waitFor();
        take(page, folder, name);
    }

    private static void take(Page page, Path folder, String name) {
        page.evaluate("document.fonts.ready");
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
