package grimygasket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * How long it takes from a tap to what it makes being drawn, on a phone that holds the call, and from the address to the round: prints
 * tables. The browser slows the page by the factor given, not the worker in which the core computes. Run by scripts/taps.
 */
final class TapTimes {
    /** Measures from the next touch until the story has something on the screen. */
    private static final String MEASURE = """
            (code) => {
              let begun
              document.addEventListener('pointerdown', () => (begun = performance.now()), { capture: true, once: true })
              window.drawn = new Promise((done) => {
                const isDrawn = () => document.querySelector('[aria-labelledby=story-title]')?.textContent.includes(code)
                const observer = new MutationObserver(() => {
                  if (!isDrawn()) return
                  observer.disconnect()
                  requestAnimationFrame(() => setTimeout(() => done(performance.now() - begun)))
                })
                observer.observe(document.body, { subtree: true, childList: true, characterData: true })
              })
            }
            """;

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
                var chromium = new Chromium()) {
            var page = chromium.readyForTheCellar(installation);
            var times = new TapTimes(page, taps);
            times.rounds(installation.address());
            page.navigate(installation.address() + BrowserTest.HALF_DONE);
            page.getByLabel("Next step").waitFor();
            BrowserTest.holds(page, BrowserTest.HALF_DONE);
            times.enter();
            System.out.println("| from a tap to what it makes drawn | median ms | 95th |");
            System.out.println("|---|---|---|");
            times.row("as it is", 1, false, false);
            times.row("processor four times slower", SLOW, false, false);
            times.row("network of 400 kbit/s and 400 ms", 1, true, false);
            times.row("both", SLOW, true, false);
            times.row("processor four times slower, no signal", SLOW, false, true);
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

    private void row(String name, int slower, boolean slowNetwork, boolean offline) {
        condition(slower, slowNetwork, offline);
        var millis = new ArrayList<Double>();
        for (int i = 0; i < taps; i++) {
            millis.add(enter());
        }
        print(name, millis);
        condition(1, false, false);
        BrowserTest.kept(page);
    }

    private double enter() {
        var code = "Q" + ++codes;
        page.getByPlaceholder("What else?").fill(code);
        var option = page.getByText("Code “" + code + "”, not in the tables");
        option.waitFor();
        page.evaluate(MEASURE, "Code " + code);
        option.click();
        var millis = ((Number) page.evaluate("window.drawn")).doubleValue();
        // The story stays as long as it was.
        page.getByLabel("So far").getByLabel("Undo: Code " + code).click();
        assertThat(page.getByLabel("So far")).not().containsText("Code " + code);
        return millis;
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
