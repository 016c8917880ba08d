package grimygasket.device;

import grimygasket.state.CallState;

/** What follows from a call, as the page is answered. */
public final class StateText {
    private StateText() {}

    /** As JSON. */
    public static String of(CallState state) {
        return FormsCodec.write(state);
    }
}
