package grimygasket.server.calls.known;

import grimygasket.device.StateText;
import grimygasket.server.accounts.SignedIn;
import java.time.Clock;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What follows from a call, for programs: to the letter what the core of the page says. All changes of one come as commands. */
@RestController
class CallController {
    private final CallViews views;
    private final Clock clock;

    CallController(CallViews views, Clock clock) {
        this.views = views;
        this.clock = clock;
    }

    /** @param at as of when, in milliseconds since 1970; now if nothing is said */
    @GetMapping("/api/calls/{callId}/state")
    ResponseEntity<String> state(
            @PathVariable UUID callId, @RequestParam(required = false) Long at, @AuthenticationPrincipal SignedIn me) {
        var state = views.state(views.known(callId, me), me, at == null ? clock.millis() : at);
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_JSON).body(StateText.of(state));
    }
}
