package grimygasket.server.accounts;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Who did what, to calls and otherwise: the trail of the whole business. */
@RestController
class HappeningController {
    private final Happenings happenings;
    private final Clock clock;

    HappeningController(Happenings happenings, Clock clock) {
        this.happenings = happenings;
        this.clock = clock;
    }

    /**
     * The hundred latest, latest first.
     *
     * @param before in milliseconds since 1970: only what was earlier
     * @param account by whom
     */
    @GetMapping("/api/trail")
    List<Happening> trail(
            @RequestParam(required = false) @Nullable Long before,
            @RequestParam(required = false) @Nullable UUID account) {
        var moment = before == null ? clock.instant().plusMillis(1) : Instant.ofEpochMilli(before);
        return happenings.before(moment, account);
    }
}
