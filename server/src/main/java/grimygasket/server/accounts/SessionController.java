package grimygasket.server.accounts;

import grimygasket.server.web.Problem;
import grimygasket.units.UnitSystem;
import grimygasket.visit.Authority;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SessionController {
    record Session(
            UUID id, String login, String name, boolean lead, String business, String currency, UnitSystem units) {}

    record Units(@NotNull UnitSystem units) {}

    private final BusinessStore business;
    private final AccountStore accounts;
    private final Sessions sessions;

    SessionController(BusinessStore business, AccountStore accounts, Sessions sessions) {
        this.business = business;
        this.accounts = accounts;
        this.sessions = sessions;
    }

    @GetMapping("/api/session")
    Session session(@AuthenticationPrincipal SignedIn me) {
        var settings = business.get();
        return new Session(
                me.id(),
                me.getUsername(),
                me.fullName(),
                me.rank() == Authority.LEAD,
                settings.name(),
                settings.currency(),
                accounts.system(me.id()));
    }

    record NewPassword(@NotNull String now, @NotNull String next) {}

    /** Changes one's own password; wherever else one is signed in, one has to sign in anew. */
    @PutMapping("/api/session/password")
    @Transactional
    public Session password(
            @Valid @RequestBody NewPassword password,
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request) {
        if (!accounts.isPassword(me.id(), password.now)) {
            throw Problem.ofField("now", "This is not your password.");
        }
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
