package grimygasket.server.documents;

import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.calls.CallViews;
import grimygasket.server.knowhow.Library;
import java.time.Clock;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The report of a call, for the page and as PDF. */
@RestController
class ReportController {
    private final CallViews views;
    private final Library library;
    private final BusinessStore business;
    private final ReportPdf pdf = new ReportPdf();
    private final Clock clock;

    ReportController(CallViews views, Library library, BusinessStore business, Clock clock) {
        this.views = views;
        this.library = library;
        this.business = business;
        this.clock = clock;
    }

    @GetMapping("/api/calls/{callId}/report")
    Report report(@PathVariable UUID callId, @AuthenticationPrincipal SignedIn me) {
        var call = views.of(callId, me);
        var knowhow = library.knowhow(call.machine(), call.revision());
        return ReportOfCall.of(call, knowhow, business.get(), clock);
    }

    @GetMapping("/api/calls/{callId}/report.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable UUID callId, @AuthenticationPrincipal SignedIn me) {
        var report = report(callId, me);
        var name = report.title().toLowerCase().replace(' ', '-') + ".pdf";
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(pdf.of(report));
    }
}
