package grimygasket.server.calls.learnt;

import grimygasket.server.calls.learnt.NotedStore.Noted;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What was seen and done on calls that the know-how does not have: proposals for whoever keeps it. */
@RestController
class NotedController {
    private final NotedStore noted;

    NotedController(NotedStore noted) {
        this.noted = noted;
    }

    /** About machines of a kind, latest first. */
    @GetMapping("/api/know-how/{kind}/noted")
    List<Noted> noted(@PathVariable String kind) {
        return noted.of(kind);
    }
}
