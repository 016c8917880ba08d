package grimygasket.server.accounts;

import grimygasket.units.UnitSystem;
import grimygasket.visit.Authority;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
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

    SessionController(BusinessStore business, AccountStore accounts) {
        this.business = business;
        this.accounts = accounts;
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

    /** Changes the units that whoever is signed in works in. */
    @PutMapping("/api/session/units")
    Session units(@Valid @RequestBody Units units, @AuthenticationPrincipal SignedIn me) {
        accounts.setSystem(me.id(), units.units);
        return session(me);
    }
}
