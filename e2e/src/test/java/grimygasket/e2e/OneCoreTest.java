package grimygasket.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** What follows from a call is concluded by one core, wherever it runs. */
public class OneCoreTest extends BrowserTest {
    /** Asks the page's own worker, as comlink does, what follows from a call that the server holds. */
    private static final String ON_DEVICE = """
            async ({ worker, call, now }) => {
              const get = async path => (await fetch(path)).text()
              const beside = (window.beside ??= new Worker(worker, { type: 'module' }))
              const ask = (...given) => new Promise((done, fail) => {
                beside.onmessage = ({ data }) => data.type === 'RAW' ? done(data.value) : fail(new Error(data.value.value.message))
                beside.postMessage({ id: '1', type: 'APPLY', path: ['ask'], argumentList: given.map(value => ({ type: 'RAW', value })) })
              })
              const held = JSON.parse(await get('/api/device/calls/' + call))
              const me = JSON.parse(await get('/api/session'))
              await ask('know', held.knowhow, await get('/api/device/know-how/' + held.knowhow))
              const viewer = { rank: me.lead ? 'LEAD' : 'TECHNICIAN', units: me.units }
              return ask('state', JSON.stringify({
                held: { call: held.call, customer: held.customer, knowhow: held.knowhow, circumstances: held.circumstances },
                asker: { viewer, now, clocks: me.clocks.changes } }))
            }""";

    private static final String JAVASCRIPT = ".*/device-[^/]*\\.js";

    @Test
    public void theServerSaysOfEveryCallWhatTheCoreInTheBrowserSays() throws Exception {
        new MadeUpCalls(new Phone(installation.address(), Installation.LOGIN), 1).make(8);
        var page = chromium.signedIn(installation, Size.DESK);
        var calls = installation.rows("select id from service_call");
        assertTrue(calls.size() > 10, calls + "");
        assertEquals(toldOtherwise(page, calls.stream().map(row -> row.get(0)).toList()), List.of());
    }

    /** Of some calls those of which the server says something else than the core in this page. */
    static List<String> toldOtherwise(Page page, List<String> calls) {
        page.waitForCondition(() -> !page.workers().isEmpty());
        var worker = page.workers().get(0).url();
        long now = System.currentTimeMillis();
        return calls.stream()
                .filter(call -> {
                    var theirs = page.evaluate(
                            "async path => (await fetch(path)).text()", "/api/calls/" + call + "/state?at=" + now);
                    var ours = page.evaluate(ON_DEVICE, Map.of("worker", worker, "call", call, "now", (double) now));
                    return !ours.equals(theirs);
                })
                .toList();
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
