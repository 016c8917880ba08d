package grimygasket.server.accounts.signin;

import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.Rank;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.accounts.sessions.Proofs;
import grimygasket.server.accounts.sessions.Sessions;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Zones;
import grimygasket.state.ClockChange;
import grimygasket.units.UnitSystem;
import grimygasket.visit.ring.Authority;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SessionController {
    /** @param simulatedMeters whether meters that are only made up can be read, and a supplier that is answers orders */
    record Session(
            UUID id,
            String login,
            String name,
            boolean lead,
            boolean owner,
            String business,
            String currency,
            boolean simulatedMeters,
            UnitSystem units,
            Clocks clocks) {}

    /**
     * Those of where the business works.
     *
     * @param zone by the name of the IANA time zone database
     * @param changes of some years, earliest first
     */
    record Clocks(String zone, List<ClockChange> changes) {
        static Clocks of(ZoneId id, Instant now) {
            return new Clocks(id.getId(), Zones.changes(id, now.minus(YEARS_BACK), now.plus(YEAR_AHEAD)));
        }
    }

    private static final Duration YEARS_BACK = Duration.ofDays(2 * 366);
    private static final Duration YEAR_AHEAD = Duration.ofDays(366);

    record Units(@NotNull UnitSystem units) {}

    private final BusinessStore business;
    private final AccountStore accounts;
    private final Sessions sessions;
    private final Proofs proofs;
    private final Clock clock;

    SessionController(BusinessStore business, AccountStore accounts, Sessions sessions, Proofs proofs, Clock clock) {
        this.business = business;
        this.accounts = accounts;
        this.sessions = sessions;
        this.proofs = proofs;
        this.clock = clock;
    }

    @GetMapping("/api/session")
    Session session(@AuthenticationPrincipal SignedIn me) {
        var settings = business.get();
        return new Session(
                me.id(),
                me.getUsername(),
                me.fullName(),
                me.rank() == Authority.LEAD,
                me.is(Rank.OWNER),
                settings.name(),
                settings.currency(),
                settings.simulatedMeters(),
                accounts.system(me.id()),
                Clocks.of(settings.clocks(), clock.instant()));
    }

    record Password(@NotNull String password) {}

    /** Who is signed in proves who they are, for what an open session is not enough for. */
    @PostMapping("/api/session/proof")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void prove(@Valid @RequestBody Password own, @AuthenticationPrincipal SignedIn me, HttpServletRequest request) {
        proofs.prove(me, "password", own.password, request);
    }

    record NewPassword(@NotNull String now, @NotNull String next) {}

    /** Changes one's own password; wherever else one is signed in, one has to sign in anew. */
    @PutMapping("/api/session/password")
    @Transactional
    public Session password(
            @Valid @RequestBody NewPassword password,
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request) {
        proofs.prove(me, "now", password.now, request);
        Passwords.problem(password.next, me.getUsername()).ifPresent(wrong -> {
            throw Problem.ofField("next", wrong);
        });
        accounts.setPassword(me.id(), password.next);
        sessions.endAll(me.getUsername(), request.getSession().getId());
        return session(me);
    }

    /** Changes the units that whoever is signed in works in. */
    @PutMapping("/api/session/units")
    Session units(@Valid @RequestBody Units units, @AuthenticationPrincipal SignedIn me) {
        accounts.setSystem(me.id(), units.units);
        return session(me);
    }
}
