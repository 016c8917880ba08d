package grimygasket.server.calls.known;

import grimygasket.server.calls.records.Surroundings;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What was done on a machine before, and what is still to be done in a home. */
@RestController
class EarlierController {
    private final CallViews views;

    EarlierController(CallViews views) {
        this.views = views;
    }

    @GetMapping("/api/machines/{machineId}/calls")
    List<Surroundings.Earlier> calls(@PathVariable UUID machineId) {
        return views.closedOf(machineId);
    }

    /** Open calls in a customer's home, earliest first. A customer who calls again may mean one of them. */
    @GetMapping("/api/customers/{customerId}/open-calls")
    List<CallViews.StillOpen> openCalls(@PathVariable UUID customerId) {
        return views.openAt(customerId);
    }
}
