package grimygasket.server.accounts;

import grimygasket.server.accounts.BusinessStore.Business;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import jakarta.validation.Valid;
import java.time.ZoneId;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What every advice and report reckons with: the business's name, its rates, its mains, and its time zone. */
@RestController
@RequestMapping("/api/business")
class BusinessController {
    private final BusinessStore business;

    BusinessController(BusinessStore business) {
        this.business = business;
    }

    @GetMapping
    Business get() {
        return business.get();
    }

    /** Prices that are on file stay as they are, so the currency cannot change. */
    @PutMapping
    @Transactional
    public Business put(@Valid @RequestBody Business changed) {
        if (!changed.currency().equals(business.get().currency())) {
            throw new Problem(
                    Kind.INVALID, "The prices on file are in another currency, which cannot be changed here.");
        }
        if (!ZoneId.getAvailableZoneIds().contains(changed.zone())) {
            throw Problem.ofField("zone", "Choose a time zone of the list, such as Europe/Lisbon.");
        }
        business.set(changed);
        return business.get();
    }
}
