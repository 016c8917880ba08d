package grimygasket.load;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.installation.Installation;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * How long it takes from a tap to what it makes being drawn, on a phone that holds the call, and from the address to the round: prints
 * tables. The browser slows the page by the factor given, not the worker in which the core computes. Run by scripts/taps.
 */
final class TapTimes {
    /** Measures from the next touch until another step is advised, on the screen. */
    private static final String MEASURE = """
            () => {
              const step = () => document.querySelector('[aria-label="Next step"] h2')?.textContent
              const now = step()
              let begun
              document.addEventListener('pointerdown', () => (begun = performance.now()), { capture: true, once: true })
              window.drawn = new Promise((done) => {
                const observer = new MutationObserver(() => {
                  if (!step() || step() === now) return
                  observer.disconnect()
                  requestAnimationFrame(() => setTimeout(() => done(performance.now() - begun)))
                })
                observer.observe(document.body, { subtree: true, childList: true, characterData: true })
              })
            }
            """;

    /** So long a step is read before it is answered. */
    private static final double READING_MILLIS = 2000;

    private static final double SETTLED_MILLIS = 500;

    private static final int SLOW = 4;
    private static final int LATENCY_MILLIS = 400;
    private static final double BYTES_A_SECOND = 400_000 / 8.0;

    private final Page page;
    private final CDPSession session;
    private final int taps;
    private int codes;

    private TapTimes(Page page, int taps) {
        this.page = page;
        this.taps = taps;
        this.session = page.context().newCDPSession(page);
        session.send("Network.enable");
    }

    public static void main(String[] args) throws Exception {
        int taps = Integer.parseInt(args[0]);
        try (var installation = new Installation(true);
                var chromium = Chromium.asPeopleHaveIt()) {
            var page = chromium.readyForTheCellar(installation);
            var times = new TapTimes(page, taps);
            times.rounds(installation.address());
            page.navigate(installation.address() + BrowserTest.HALF_DONE);
            page.getByLabel("Next step").waitFor();
            BrowserTest.holds(page, BrowserTest.HALF_DONE);
            times.enter(0);
            System.out.println("| from the tap to the next step drawn | median ms | 95th |");
            System.out.println("|---|---|---|");
            times.row("as it is", 1, false, false, READING_MILLIS);
            times.row("processor four times slower", SLOW, false, false, READING_MILLIS);
            times.row("network of 400 kbit/s and 400 ms", 1, true, false, READING_MILLIS);
            times.row("both", SLOW, true, false, READING_MILLIS);
            times.row("processor four times slower, no signal", SLOW, false, true, READING_MILLIS);
            times.row("as it is, answered before it could be read", 1, false, false, 0);
        }
    }

    /** The first time everything had to be fetched; this is every time after. */
    private void rounds(String address) {
        System.out.println("| from the address to the round, again | median ms | 95th |");
        System.out.println("|---|---|---|");
        for (boolean slow : new boolean[] {false, true}) {
            condition(slow ? SLOW : 1, slow, false);
            var millis = new ArrayList<Double>();
            for (int i = 0; i < taps; i++) {
                long begun = System.nanoTime();
                page.navigate(address + "/round");
                page.getByText("of work").waitFor();
                millis.add((System.nanoTime() - begun) / 1e6);
            }
            print(slow ? "processor and network slow, as below" : "as it is", millis);
        }
        condition(1, false, false);
        System.out.println();
    }

    private void row(String name, int slower, boolean slowNetwork, boolean offline, double reading) {
        condition(slower, slowNetwork, offline);
        var millis = new ArrayList<Double>();
        for (int i = 0; i < taps; i++) {
            millis.add(enter(reading));
        }
        print(name, millis);
        condition(1, false, false);
        BrowserTest.kept(page);
    }

    /** Answers the advised step, and takes it back; each time the call tells something that it did not tell before. */
    private double enter(double reading) {
        var code = "Q" + ++codes;
        page.getByPlaceholder("What else?").fill(code);
        page.getByText("Code “" + code + "”, not in the tables").click();
        assertThat(page.getByLabel("So far")).containsText("Code " + code);
        page.waitForTimeout(reading);
        var before = undos();
        page.evaluate(MEASURE);
        page.getByLabel("Next step")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(" then ")))
                .first()
                .click();
        var millis = ((Number) page.evaluate("window.drawn")).doubleValue();
        // The step is drawn first, the story after it, and of an answer that comes to several findings one after the
        // other.
        page.waitForCondition(() -> undos().size() > before.size());
        page.waitForTimeout(SETTLED_MILLIS);
        var after = new ArrayList<>(undos());
        after.removeAll(before);
        after.add("Undo: Code " + code);
        for (var undo : after) {
            page.getByLabel("So far").getByLabel(undo).click();
            assertThat(page.getByLabel("So far").getByLabel(undo)).hasCount(0);
        }
        return millis;
    }

    private List<String> undos() {
        return page.getByLabel("So far").getByLabel("Undo: ").all().stream()
                .map(button -> button.getAttribute("aria-label"))
                .toList();
    }

    private void condition(int slower, boolean slowNetwork, boolean offline) {
        var cpu = new JsonObject();
        cpu.addProperty("rate", slower);
        session.send("Emulation.setCPUThrottlingRate", cpu);
        var network = new JsonObject();
        network.addProperty("offline", false);
        network.addProperty("latency", slowNetwork ? LATENCY_MILLIS : 0);
        network.addProperty("downloadThroughput", slowNetwork ? BYTES_A_SECOND : -1);
        network.addProperty("uploadThroughput", slowNetwork ? BYTES_A_SECOND : -1);
        session.send("Network.emulateNetworkConditions", network);
        page.context().setOffline(offline);
    }

    private static void print(String name, List<Double> millis) {
        var sorted = millis.stream().sorted().toList();
        System.out.printf(Locale.ROOT, "| %s | %.0f | %.0f |%n", name, sorted.get(sorted.size() / 2), sorted.get((int)
                (0.95 * (sorted.size() - 1))));
    }
}
