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
    /**
     * Something that somebody did.
     *
     * @param at in milliseconds since 1970
     * @param by null where nobody was known, as at a sign-in under no name of ours
     * @param device what it was done on; null where it is not known any more
     * @param address where it came from; null of what was done to a call
     * @param operation method and path of the operation, or the kind of the change of a call
     * @param subject what it was about: ids and names out of its path; empty of what was done to a call
     * @param call that it was about; null for none
     * @param customer whose call it was; null for none
     */
    record Happening(
            long at,
            @Nullable String by,
            @Nullable String device,
            @Nullable String address,
            String operation,
            String subject,
            boolean taken,
            @Nullable UUID call,
            @Nullable String customer) {
        static Happening of(Happenings.Done done) {
            return new Happening(
                    done.at().toEpochMilli(),
                    done.by(),
                    done.device(),
                    done.address(),
                    done.operation(),
                    done.subject(),
                    done.taken(),
                    done.call(),
                    done.customer());
        }
    }

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
        return happenings.before(moment, account).stream().map(Happening::of).toList();
    }
}
