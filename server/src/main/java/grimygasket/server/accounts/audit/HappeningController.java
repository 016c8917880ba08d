package grimygasket.server.accounts.audit;

import grimygasket.server.accounts.audit.Happenings.Place;
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

    HappeningController(Happenings happenings) {
        this.happenings = happenings;
    }

    /**
     * The hundred latest, latest first.
     *
     * @param before place of something in the trail: only what was earlier
     * @param account by whom
     */
    @GetMapping("/api/trail")
    List<Happening> trail(
            @RequestParam(required = false) @Nullable String before,
            @RequestParam(required = false) @Nullable UUID account) {
        return happenings.before(before == null ? Place.END : Place.of(before), account);
    }
}
