package grimygasket.server.calls.known;

import grimygasket.call.Call;
import grimygasket.call.Knowhow;
import grimygasket.pack.KindKnowhow;
import grimygasket.server.accounts.BusinessStore.Settings;
import grimygasket.server.calls.records.Filed;
import grimygasket.state.Circumstances;

/**
 * A call with all that its facts are held against.
 *
 * @param kind what is known of its kind of machine
 * @param circumstances of whoever looks at it
 * @param knowhow both, for this call
 * @param settings of the business, and of whoever looks at it
 */
public record Known(Filed filed, KindKnowhow kind, Circumstances circumstances, Knowhow knowhow, Settings settings) {
    static Known of(Filed filed, KindKnowhow kind, Circumstances circumstances, Settings settings) {
        return new Known(filed, kind, circumstances, circumstances.knowhow(kind, filed.call()), settings);
    }

    public Call call() {
        return filed.call();
    }
}
