package grimygasket.server.calls.records;

import grimygasket.call.Call;

/** Keeps something of calls in a form of its own, and follows when one changes, within the same transaction. */
public interface FollowsCalls {
    void follow(Call before, Call after);
}
