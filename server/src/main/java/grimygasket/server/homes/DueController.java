package grimygasket.server.homes;

import grimygasket.server.accounts.SignedIn;
import grimygasket.server.homes.DueStore.DueMachine;
import java.time.LocalDate;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is due over all customers. */
@RestController
class DueController {
    private final Dues dues;
    private final DueStore store;

    DueController(Dues dues, DueStore store) {
        this.dues = dues;
        this.store = store;
    }

    /**
     * @param machines the longest due first
     * @param complete whether every machine has been looked at; else ask again
     */
    record DueList(List<DueMachine> machines, boolean complete) {}

    @GetMapping("/api/due")
    DueList due(@RequestParam LocalDate until, @AuthenticationPrincipal SignedIn me) {
        boolean complete = dues.workOut(me);
        return new DueList(store.until(until), complete);
    }
}
