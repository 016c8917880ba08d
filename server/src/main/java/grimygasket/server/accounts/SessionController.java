package grimygasket.server.accounts;

import grimygasket.visit.Authority;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SessionController {
    record Session(UUID id, String login, String name, boolean lead, String business, String currency) {}

    private final BusinessStore business;

    SessionController(BusinessStore business) {
        this.business = business;
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
                settings.currency());
    }
}
