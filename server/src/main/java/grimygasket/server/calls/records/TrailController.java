package grimygasket.server.calls.records;

import grimygasket.call.change.Change;
import grimygasket.server.calls.records.CommandLog.Became;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Who did what to a call, when, and on which device: also what was taken back, and what was not taken. */
@RestController
class TrailController {
    /**
     * Something that somebody did.
     *
     * @param id of the command, and of the entry that it made
     * @param at when it was done, as its device says, in milliseconds since 1970
     * @param receivedAt when it came here
     * @param returned whether its device gave it back, as the database was restored since it was taken
     * @param device what it was done on; null where that is not known any more
     * @param kind of the change, or how the call came here
     * @param change null where it is none that is known today
     */
    record Trace(
            UUID id,
            long at,
            long receivedAt,
            boolean returned,
            String by,
            @Nullable String device,
            String kind,
            Became became,
            @Nullable Change change) {}

    private final CallStore calls;
    private final CommandLog log;

    TrailController(CallStore calls, CommandLog log) {
        this.calls = calls;
        this.log = log;
    }

    /** In the order in which it arrived. */
    @GetMapping("/api/calls/{callId}/trail")
    List<Trace> trail(@PathVariable UUID callId) {
        return log.of(calls.call(callId).call().head().id());
    }
}
