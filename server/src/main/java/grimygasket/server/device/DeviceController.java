package grimygasket.server.device;

import grimygasket.call.Call;
import grimygasket.call.Customer;
import grimygasket.pack.KindKnowhow;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.CallViews;
import grimygasket.server.knowhow.Library;
import grimygasket.state.Circumstances;
import java.time.Duration;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Facts for devices: calls with what they are held against, and know-how. */
@RestController
class DeviceController {
    private static final Duration NEVER_CHANGES = Duration.ofDays(365);

    private final CallViews views;
    private final Library library;

    DeviceController(CallViews views, Library library) {
        this.views = views;
        this.library = library;
    }

    /** @param knowhow where it is had, and what the device knows it by */
    record HeldCall(Call call, Customer customer, String knowhow, Circumstances circumstances) {}

    @GetMapping("/api/device/calls/{callId}")
    HeldCall call(@PathVariable UUID callId, @AuthenticationPrincipal SignedIn me) {
        var known = views.known(callId, me);
        var call = known.call();
        return new HeldCall(
                call,
                known.filed().customer(),
                call.machine().kind() + "/" + call.head().revision(),
                known.circumstances());
    }

    /** A version never changes. */
    @GetMapping("/api/device/know-how/{kind}/{revision}")
    ResponseEntity<KindKnowhow> knowhow(@PathVariable String kind, @PathVariable int revision) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(NEVER_CHANGES).cachePrivate())
                .body(library.knowhow(kind, revision));
    }
}
