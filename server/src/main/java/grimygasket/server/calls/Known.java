package grimygasket.server.calls;

import grimygasket.call.Call;
import grimygasket.call.Knowhow;
import grimygasket.pack.KindKnowhow;
import grimygasket.state.Circumstances;
import grimygasket.units.UnitSystem;

/**
 * A call with all that its facts are held against.
 *
 * @param kind what is known of its kind of machine
 * @param circumstances of whoever looks at it
 * @param knowhow both, for this call
 * @param units that whoever looks at it works in
 */
public record Known(Filed filed, KindKnowhow kind, Circumstances circumstances, Knowhow knowhow, UnitSystem units) {
    static Known of(Filed filed, KindKnowhow kind, Circumstances circumstances, UnitSystem units) {
        return new Known(filed, kind, circumstances, circumstances.knowhow(kind, filed.call()), units);
    }

    public Call call() {
        return filed.call();
    }
}
