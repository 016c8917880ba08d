package grimygasket.e2e.browser;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;

/** The core that a page runs, asked beside it. */
public final class DeviceCore {
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

    private DeviceCore() {}

    /** Of some calls those of which the server says something else than the core in this page. */
    public static List<String> toldOtherwise(Page page, List<String> calls) {
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
}
