package grimygasket.server.accounts;

import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SessionController {
    record Session(String login, String name, String business, String currency) {}

    private final BusinessStore business;

    SessionController(BusinessStore business) {
        this.business = business;
    }

    @GetMapping("/api/session")
    Session session(@AuthenticationPrincipal SignedIn me) {
        var settings = business.get();
        return new Session(me.getUsername(), me.fullName(), settings.name(), settings.currency());
    }
}
