package grimygasket.server.calls;

import grimygasket.visit.Note;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What was seen and done on calls that the know-how does not have: proposals for whoever keeps it. */
@RestController
class NotedController {
    /** @param machine maker and model */
    record Noted(UUID id, UUID callId, LocalDate day, String machine, String by, Note note) {}

    private final JobStore job;

    NotedController(JobStore job) {
        this.job = job;
    }

    /** About machines of a kind, latest first. */
    @GetMapping("/api/know-how/{kind}/noted")
    List<Noted> noted(@PathVariable String kind) {
        return job.noted(kind);
    }
}
