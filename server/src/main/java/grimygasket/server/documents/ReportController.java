package grimygasket.server.documents;

import grimygasket.server.accounts.SignedIn;
import grimygasket.server.web.Attachment;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The report of a call, for the page and as PDF. */
@RestController
class ReportController {
    private final Reports reports;
    private final ReportPdf pdf;

    ReportController(Reports reports, ReportPdf pdf) {
        this.reports = reports;
        this.pdf = pdf;
    }

    @GetMapping("/api/calls/{callId}/report.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable UUID callId, @AuthenticationPrincipal SignedIn me) {
        var report = reports.of(callId, me);
        var name = report.title().toLowerCase().replace(' ', '-') + ".pdf";
        return Attachment.of(name, MediaType.APPLICATION_PDF, pdf.of(report));
    }
}
