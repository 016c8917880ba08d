package grimygasket.server.shelf;

import grimygasket.server.accounts.SignedIn;
import grimygasket.server.web.Attachment;
import grimygasket.server.web.CsvFile;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.server.web.RolledBack;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The list of parts, and what of them is on which van. */
@RestController
class PartController {
    private final PartStore store;
    private final Parts parts;
    private final Ledger ledger;
    private final Moves moves;

    PartController(PartStore store, Parts parts, Ledger ledger, Moves moves) {
        this.store = store;
        this.parts = parts;
        this.ledger = ledger;
        this.moves = moves;
    }

    /** @see PartStore#page */
    @GetMapping("/api/parts")
    List<PartStore.Stocked> page(
            @RequestParam(defaultValue = "") String text, @RequestParam(defaultValue = "") String after) {
        return store.page(text, after);
    }

    @PutMapping("/api/parts/{partId}")
    ListedPart put(@PathVariable UUID partId, @Valid @RequestBody ListedPart part) {
        if (!partId.equals(part.id())) {
            throw new Problem(Kind.INVALID, "This is another part than the one that it is to change.");
        }
        return parts.put(part);
    }

    @GetMapping("/api/parts.csv")
    ResponseEntity<String> file() {
        return Attachment.ofText("parts.csv", "text/csv", PartFile.write(store.all()));
    }

    @PostMapping(path = "/api/parts.csv", consumes = "text/csv", produces = MediaType.APPLICATION_JSON_VALUE)
    CsvFile.Imported take(@RequestBody String csv) {
        return parts.take(csv);
    }

    /** The latest lines of the ledger about a part, latest first. */
    @GetMapping("/api/parts/{partId}/moves")
    List<PartMove> moves(@PathVariable UUID partId) {
        return ledger.of(partId);
    }

    @PostMapping("/api/parts/{partId}/moves")
    List<PartMove> move(
            @PathVariable UUID partId, @Valid @RequestBody Moving moving, @AuthenticationPrincipal SignedIn me) {
        return RolledBack.again(() -> moves.move(partId, moving, me));
    }
}
