package grimygasket.server.documents;

import grimygasket.server.accounts.SignedIn;
import grimygasket.server.web.Attachment;
import grimygasket.server.web.OwnWords;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** A whole call as one file, given out and taken in. */
@RestController
class CallDocumentController {
    /** @param call its id */
    record TakenIn(UUID call) {}

    private static final int MOST_BYTES = 60_000_000;

    private final CallDocuments documents;
    private final CallDocumentReader reader;
    private final Reports reports;

    CallDocumentController(CallDocuments documents, Reports reports, JsonMapper json) {
        this.documents = documents;
        this.reader = new CallDocumentReader(json);
        this.reports = reports;
    }

    @GetMapping("/api/calls/{callId}/call.json")
    ResponseEntity<CallDocument> document(@PathVariable UUID callId) {
        var document = documents.of(callId);
        var name = "call-" + document.call().day() + "-" + callId + ".json";
        return Attachment.of(name, MediaType.APPLICATION_JSON, document);
    }

    /** Takes the call in on the round of whoever is signed in; one that its own know-how does not understand is refused. */
    @PostMapping(value = "/api/call-documents", consumes = MediaType.APPLICATION_JSON_VALUE)
    @Transactional
    public TakenIn bringIn(@RequestBody byte[] bytes, @AuthenticationPrincipal SignedIn me) {
        if (bytes.length > MOST_BYTES) {
            throw new Problem(Kind.INVALID, "The file is too large: 60 MB at most.");
        }
        try {
            var document = reader.read(bytes);
            documents.bringIn(document, me.id());
            // One whose know-how does not have what it speaks of fails here, and is not taken in.
            reports.of(document.call().id(), me);
            return new TakenIn(document.call().id());
        } catch (DataIntegrityViolationException e) {
            throw new Problem(Kind.INVALID, "The file says one thing twice, or what another call on file says.");
        } catch (IllegalArgumentException | JacksonException e) {
            throw new Problem(
                    Kind.INVALID,
                    OwnWords.of(e)
                            .map(said -> "The file contradicts itself: " + said)
                            .orElse("The file contradicts itself."));
        }
    }
}
