package grimygasket.server.accounts;

import grimygasket.units.Quantity;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The units of the signed-in account. */
@RestController
class UnitController {
    /** How a quantity is written: {@code shown = (base − offset) / factor}. */
    record UnitOfQuantity(String symbol, double factor, double offset) {}

    private final AccountStore accounts;

    UnitController(AccountStore accounts) {
        this.accounts = accounts;
    }

    /** Each quantity with its unit. */
    @GetMapping("/api/units")
    Map<Quantity, UnitOfQuantity> units(@AuthenticationPrincipal SignedIn me) {
        var system = accounts.system(me.id());
        return Arrays.stream(Quantity.values()).collect(Collectors.toMap(quantity -> quantity, quantity -> {
            var unit = quantity.unit(system);
            return new UnitOfQuantity(unit.symbol(), unit.size(), unit.toBase(0));
        }));
    }
}
