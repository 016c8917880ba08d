package grimygasket.server.calls.known;

import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Machine;
import grimygasket.pack.Pack;
import grimygasket.server.calls.records.CallStore;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The machine of a call as the core sees it, for those who have nothing else to do with calls. */
@Component
public class CallMachines {
    private final CallStore calls;
    private final Knowhows knowhows;

    CallMachines(CallStore calls, Knowhows knowhows) {
        this.calls = calls;
        this.knowhows = knowhows;
    }

    /**
     * @param pack that the call is judged with
     * @param findings what has been found out so far
     */
    public record OfCall(Pack pack, Machine machine, List<Finding> findings) {}

    public OfCall of(UUID callId) {
        var filed = calls.call(callId);
        var knowhow = knowhows.of(filed, filed.call().head().accountId()).knowhow();
        return new OfCall(knowhow.pack(), knowhow.machine(), filed.call().findings(knowhow));
    }
}
