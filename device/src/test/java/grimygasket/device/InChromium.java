package grimygasket.device;

import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Route;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** The core as the page runs it, in Debian's Chromium: the built page's own worker, which starts the WebAssembly. */
final class InChromium implements Engine {
    private static final String ADDRESS = "http://localhost";
    private static final Path PAGE = Path.of("../web/dist").toAbsolutePath().normalize();

    /** What the page's worker is sent, as comlink writes it, and what it answers. */
    private static final String START = """
            worker => {
              const asked = new Map()
              const beside = new Worker(worker, { type: 'module' })
              beside.onmessage = ({ data: { id, type, value } }) => asked.get(id)?.(
                type === 'RAW' ? value : 'problem: ' + value.value.message)
              const send = (path, given) => new Promise(done => {
                const id = String(asked.size)
                asked.set(id, done)
                beside.postMessage({ id, type: 'APPLY', path: [path], argumentList: given.map(value => ({ type: 'RAW', value })) })
              })
              window.ask = given => send('ask', given)
              return send('address', [])
            }""";

    private static final String TIMED =
            "async given => { const start = performance.now(); await window.ask(given); return performance.now() - start }";

    private final Playwright playwright =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private final Page page;

    InChromium() throws IOException {
        page = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                        .setArgs(List.of("--no-sandbox", "--disable-gpu")))
                .newPage();
        page.route(ADDRESS + "/**", InChromium::fulfil);
        page.navigate(ADDRESS + "/gasket.svg");
        var runs = (String) page.evaluate(START, "/assets/" + worker());
        if (!runs.endsWith(".wasm")) {
            throw new IllegalStateException("the page runs " + runs);
        }
    }

    private static String worker() throws IOException {
        try (var files = Files.list(PAGE.resolve("assets"))) {
            return files.map(file -> file.getFileName().toString())
                    .filter(name -> name.matches("worker-.*\\.js"))
                    .findFirst()
                    .orElseThrow();
        }
    }

    private static void fulfil(Route route) {
        var file = PAGE.resolve(route.request().url().substring(ADDRESS.length() + 1));
        route.fulfill(new Route.FulfillOptions().setPath(file));
    }

    @Override
    public String ask(String... question) {
        var answer = page.evaluate("given => window.ask(given)", question);
        return answer == null ? "" : (String) answer;
    }

    /** As the page sees it: what is asked here comes a long way first. */
    @Override
    public double millis(String... question) {
        return ((Number) page.evaluate(TIMED, question)).doubleValue();
    }

    @Override
    public void close() {
        playwright.close();
    }
}
